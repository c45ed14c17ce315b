"""Counts and keys of combinations by Python's itertools.product, and reads CSV by Python's csv module."""
import csv
import itertools
import json
import sys

ask = json.load(sys.stdin)
if ask["what"] == "product":
    answer = sorted(",".join(f"{axis}:{value}" for axis, value in sorted(cell)) for cell in itertools.product(*[[(axis, value) for value in values] for axis, values in ask["axes"]]))
elif ask["what"] == "csv":
    with open(ask["file"], newline="", encoding="utf-8") as sheet:
        answer = list(csv.DictReader(sheet))
elif ask["what"] == "gtin":
    sys.path.append("/usr/lib/python3/dist-packages")
    from stdnum import ean
    answer = [ean.calc_check_digit(body) for body in ask["bodies"]]
elif ask["what"] == "valid":
    sys.path.append("/usr/lib/python3/dist-packages")
    from stdnum import ean
    answer = [ean.is_valid(number) for number in ask["numbers"]]
elif ask["what"] == "mod97":
    sys.path.append("/usr/lib/python3/dist-packages")
    from stdnum.iso7064 import mod_97_10
    answer = [mod_97_10.is_valid(number) for number in ask["numbers"]]
json.dump(answer, sys.stdout)
