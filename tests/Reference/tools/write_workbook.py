"""Writes a workbook as other programs do, from JSON on the standard input: {"path", "kind", "rows"}."""

import json
import sys
from datetime import date

given = json.load(sys.stdin)
path, kind = given["path"], given["kind"]

if kind == "xlsx":
    from openpyxl import Workbook

    book = Workbook()
    sheet = book.active
    if given.get("hidden"):
        sheet.title = "Notes"
        sheet["A1"] = "not this one"
        sheet.sheet_state = "hidden"
        sheet = book.create_sheet("Spring")
        book.active = 1
    for row in given["rows"]:
        sheet.append([date.fromisoformat(c[5:]) if isinstance(c, str) and c.startswith("date:") else c for c in row])
    for cells in given.get("merged", []):
        sheet.merge_cells(cells)
    for cell, formula in given.get("formulas", {}).items():
        sheet[cell] = formula
    sheet.row_dimensions[3].hidden = True
    for name, rows in given.get("more", {}).items():
        other = book.create_sheet(name)
        for row in rows:
            other.append(row)
    if given.get("more"):
        sheet.title = "Spring"
    book.save(path)
else:
    from odf.opendocument import OpenDocumentSpreadsheet
    from odf.table import Table, TableCell, TableRow
    from odf.text import P

    book = OpenDocumentSpreadsheet()
    for name, rows in {"Spring": given["rows"], **given.get("more", {})}.items():
        table = Table(name=name)
        for row in rows:
            line = TableRow()
            for value in row:
                if isinstance(value, (int, float)):
                    cell = TableCell(valuetype="float", value=value)
                elif isinstance(value, str) and value.startswith("date:"):
                    cell = TableCell(valuetype="date", datevalue=value[5:])
                else:
                    cell = TableCell(valuetype="string")
                cell.addElement(P(text="" if value is None else str(value).removeprefix("date:")))
                line.addElement(cell)
            table.addElement(line)
        book.spreadsheet.addElement(table)
    book.save(path)

print("{}")
