package cufflink.files.drawing;

import cufflink.drawing.Ink;
import cufflink.drawing.Shape;
import java.io.StringWriter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes SVG 1.1 true to size: one user unit is one millimetre, each kind of line a group with its own id. */
public final class SvgWriter {
    private static final double MM_PER_POINT = 25.4 / 72;

    private SvgWriter() {
    }

    public static String write(PlotLines lines) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("svg");
            xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
            xml.writeAttribute("version", "1.1");
            xml.writeAttribute("width", number(lines.width()) + "mm");
            xml.writeAttribute("height", number(lines.height()) + "mm");
            xml.writeAttribute("viewBox", "0 0 " + number(lines.width()) + " " + number(lines.height()));
            for (Map.Entry<String, List<Shape.Path>> layer : lines.layers().entrySet()) {
                group(xml, layer.getKey(), layer.getValue());
            }
            xml.writeEndElement();
            xml.writeEndDocument();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("writing XML into memory failed", impossible);
        }
        return text.toString();
    }

    private static void group(XMLStreamWriter xml, String layer, List<Shape.Path> paths) throws XMLStreamException {
        Ink ink = PlotLines.ink(layer);
        xml.writeStartElement("g");
        xml.writeAttribute("id", layer);
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", ink.colour());
        xml.writeAttribute("stroke-width", "0.1");
        if (ink.dashes().length > 0) {
            xml.writeAttribute("stroke-dasharray", Arrays.stream(ink.dashes())
                    .mapToObj(dash -> number(dash * MM_PER_POINT)).collect(Collectors.joining(" ")));
        }
        for (Shape.Path path : paths) {
            xml.writeEmptyElement("path");
            xml.writeAttribute("d", "M" + path.points().stream()
                    .map(point -> number(point.x()) + "," + number(point.y())).collect(Collectors.joining(" L")));
            if (!path.id().isEmpty()) {
                xml.writeAttribute("data-line", path.id());
            }
        }
        xml.writeEndElement();
    }

    /** Locale-free, to a ten-thousandth. */
    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value).replaceAll("\\.?0+$", "");
    }
}
