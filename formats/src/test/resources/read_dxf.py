"""Reads a DXF file with an independent reader, and says what it found: one fact to a line."""
import sys
from collections import Counter

import ezdxf
from ezdxf import bbox

doc = ezdxf.readfile(sys.argv[1])
auditor = doc.audit()
print("form", doc.dxfversion)
print("units", doc.units)
for problem in list(auditor.errors) + list(auditor.fixes):
    print("problem", problem.message)
space = doc.modelspace()
for kind, count in sorted(Counter(e.dxftype() for e in space).items()):
    print("count", kind, count)
print("layers", ",".join(sorted({e.dxf.layer for e in space})))
box = bbox.extents(e for e in space if e.dxftype() in ("LWPOLYLINE", "ARC", "CIRCLE"))
if box.has_data:  # words alone have none
    print("extent", *(round(v, 2) for v in (box.extmin.x, box.extmin.y, box.extmax.x, box.extmax.y)))
for t in space.query("TEXT"):
    print("text", t.dxf.text)
for style in doc.dimstyles:
    print("style", style.dxf.name, "times", style.dxf.dimlfac)
for d in space.query("DIMENSION"):
    words = d.dxf.text or "<>"
    if d.dimtype == 6:  # from the origin to the point
        print("ordinate", round(d.get_measurement().x if d.dxf.dimtype & 64 else d.get_measurement().y, 1), words)
    elif d.dimtype in (4, 5):
        print("radius" if d.dimtype == 4 else "angle", round(d.get_measurement(), 1), words)
    else:
        print("dimension", round(d.get_measurement(), 1), words, "at", round(d.dxf.angle))
    for t in doc.blocks.get(d.dxf.geometry).query("TEXT"):
        print("picture", t.dxf.text, round(t.dxf.insert.x), round(t.dxf.insert.y))
