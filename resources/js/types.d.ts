// What a selector finds is of the kind that its author knows and TypeScript cannot.
interface ParentNode {
    querySelector(selectors: string): any;
    querySelectorAll(selectors: string): NodeListOf<any>;
}

interface Element {
    closest(selectors: string): any;
}

interface Document {
    getElementById(id: string): any;
    elementFromPoint(x: number, y: number): any;
}
