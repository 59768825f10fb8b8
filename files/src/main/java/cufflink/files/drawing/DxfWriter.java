package cufflink.files.drawing;

import cufflink.drawing.Shape;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Writes DXF (ASCII, Release 12) in millimetres: every stretch of line a LINE entity on the layer of its kind; y runs
 * up.
 */
public final class DxfWriter {
    private final StringBuilder text = new StringBuilder();

    private DxfWriter() {
    }

    public static String write(PlotLines lines) {
        DxfWriter writer = new DxfWriter();
        writer.group(0, "SECTION").group(2, "HEADER").group(9, "$ACADVER").group(1, "AC1009").group(9, "$MEASUREMENT")
                .group(70, "1").group(0, "ENDSEC");
        writer.layers(lines);
        writer.group(0, "SECTION").group(2, "ENTITIES");
        for (Map.Entry<String, List<Shape.Path>> layer : lines.layers().entrySet()) {
            layer.getValue().forEach(path -> writer.lines(layer.getKey(), path, lines.height()));
        }
        writer.group(0, "ENDSEC").group(0, "EOF");
        return writer.text.toString();
    }

    private void layers(PlotLines lines) {
        group(0, "SECTION").group(2, "TABLES").group(0, "TABLE").group(2, "LAYER").group(70,
                String.valueOf(lines.layers().size()));
        int colour = 7;
        for (String layer : lines.layers().keySet()) {
            group(0, "LAYER").group(2, layer.toUpperCase(Locale.ROOT)).group(70, "0")
                    .group(62, String.valueOf(colour--)).group(6, "CONTINUOUS");
        }
        group(0, "ENDTAB").group(0, "ENDSEC");
    }

    private void lines(String layer, Shape.Path path, double height) {
        for (int i = 0; i + 1 < path.points().size(); i++) {
            Shape.Spot from = path.points().get(i);
            Shape.Spot to = path.points().get(i + 1);
            group(0, "LINE").group(8, layer.toUpperCase(Locale.ROOT)).group(10, number(from.x()))
                    .group(20, number(height - from.y()))
                    .group(11, number(to.x())).group(21, number(height - to.y()));
        }
    }

    private DxfWriter group(int code, String value) {
        text.append(code).append("\r\n").append(value).append("\r\n");
        return this;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }
}
