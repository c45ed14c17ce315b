import { AmbientLight, Box3, Color, DirectionalLight, PerspectiveCamera, Scene, Vector3, WebGLRenderer } from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js';

/** Shows a model that can be turned by pointer and arrow keys; gives back what takes a picture of it as it stands. */
export async function showModel(canvas, url) {
    const renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
    const scene = new Scene();
    scene.background = new Color('#f7f7f5');
    scene.add(new AmbientLight(0xffffff, 1.6));
    const sun = new DirectionalLight(0xffffff, 2.2);
    scene.add(sun);
    const { scene: model } = await new GLTFLoader().loadAsync(url);
    scene.add(model);
    const box = new Box3().setFromObject(model);
    const middle = box.getCenter(new Vector3());
    const size = Math.max(box.getSize(new Vector3()).length(), 0.001);
    const camera = new PerspectiveCamera(35, 1, size / 100, size * 20);
    camera.position.copy(middle).add(new Vector3(0.95, 0.7, 1.5).multiplyScalar(size));
    const controls = new OrbitControls(camera, canvas);
    controls.target.copy(middle);
    controls.listenToKeyEvents(canvas);

    const draw = () => {
        const { clientWidth, clientHeight } = canvas;
        renderer.setSize(clientWidth, clientHeight, false);
        renderer.setPixelRatio(Math.min(window.devicePixelRatio, 2));
        camera.aspect = clientWidth / Math.max(1, clientHeight);
        camera.updateProjectionMatrix();
        sun.position.copy(camera.position);
        renderer.render(scene, camera);
    };
    controls.addEventListener('change', draw);
    controls.update();
    draw();
    canvas.addEventListener('keydown', (event) => {
        const turn = { ArrowLeft: -0.15, ArrowRight: 0.15 }[event.key];
        if (turn) {
            event.preventDefault();
            camera.position
                .sub(middle)
                .applyAxisAngle(new Vector3(0, 1, 0), turn)
                .add(middle);
            controls.update();
            draw();
        }
    });
    canvas.dataset.shown = '1';

    return () =>
        new Promise((resolve) => {
            draw();
            canvas.toBlob(resolve, 'image/png');
        });
}
