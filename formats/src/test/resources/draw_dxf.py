"""Draws a DXF file by an independent reader: prints the straight stretches of all lines, one to a line of output; no words."""
import sys

import ezdxf
from ezdxf.addons.drawing import Frontend, RenderContext
from ezdxf.addons.drawing.backend import Backend
from ezdxf.tools.fonts import FontMeasurements


class Lines(Backend):
    def draw_line(self, start, end, properties):
        print("line", start.x, start.y, end.x, end.y)

    def draw_path(self, path, properties):
        points = list(path.flattening(0.5))
        for start, end in zip(points, points[1:]):
            self.draw_line(start, end, properties)

    def draw_point(self, pos, properties):
        pass

    def draw_filled_polygon(self, points, properties):
        pass

    def draw_filled_paths(self, paths, holes, properties):
        pass

    def draw_text(self, text, transform, properties, cap_height):
        pass

    def get_font_measurements(self, cap_height, font=None):
        return FontMeasurements(0, cap_height, cap_height, 0)

    def get_text_line_width(self, text, cap_height, font=None):
        return len(text) * cap_height

    def set_background(self, color):
        pass

    def clear(self):
        pass


doc = ezdxf.readfile(sys.argv[1])
Frontend(RenderContext(doc), Lines()).draw_layout(doc.modelspace())
