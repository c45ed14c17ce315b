"""Reads the first sheet of a workbook with another library, and prints its rows as JSON."""

import json
import sys

path = json.load(sys.stdin)["path"]

if path.endswith(".xlsx"):
    from openpyxl import load_workbook

    sheet = load_workbook(path, read_only=True).worksheets[0]
    rows = [["" if c is None else str(c) for c in row] for row in sheet.iter_rows(values_only=True)]
else:
    from odf.opendocument import load
    from odf.table import Table, TableCell, TableRow
    from odf import teletype

    rows = []
    for row in load(path).spreadsheet.getElementsByType(Table)[0].getElementsByType(TableRow):
        cells = []
        for cell in row.getElementsByType(TableCell):
            cells += [teletype.extractText(cell)] * int(cell.getAttribute("numbercolumnsrepeated") or 1)
        rows.append(cells)

print(json.dumps(rows))
