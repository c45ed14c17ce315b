"""Hex colors in; out, for each, how it looks without red, green and blue cones, from 0 to 255 and not rounded."""
import json
import sys

import numpy
from colorspacious import cspace_convert

colors = [[int(color[at:at + 2], 16) / 255 for at in (1, 3, 5)] for color in json.load(sys.stdin)]
seen = [
    cspace_convert(numpy.array(colors), {"name": "sRGB1+CVD", "cvd_type": kind, "severity": 100}, "sRGB1")
    for kind in ("protanomaly", "deuteranomaly", "tritanomaly")
]
json.dump([[(255 * numpy.clip(eyes[at], 0, 1)).tolist() for eyes in seen] for at in range(len(colors))], sys.stdout)
