package cufflink.files.design;

import cufflink.design.Ornament;
import cufflink.files.TextFile;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FileWords;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.io.StringReader;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.StringJoiner;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;

/** Reads a shape from an SVG drawing: all its paths together, each where groups and transforms put it. */
public final class SvgDrawing {
    private static final long MOST_BYTES = 5_000_000;
    /** What stands in these is not drawn. */
    private static final Set<String> KEPT = Set.of("defs", "clipPath", "mask", "pattern", "symbol", "marker");

    private final String name;
    private final Path2D.Float all = new Path2D.Float(Path2D.WIND_EVEN_ODD);
    private final Deque<AffineTransform> transforms = new ArrayDeque<>();
    private int kept;

    private SvgDrawing(String name) {
        this.name = name;
        transforms.push(new AffineTransform());
    }

    /** The shape, or what is wrong with the drawing; the file stays as it is. */
    public static Outcome<Ornament.Traced> read(Path file) {
        return TextFile.read(file, "drawing", "SVG", MOST_BYTES)
                .then(text -> new SvgDrawing(String.valueOf(file.getFileName())).shape(text));
    }

    private Outcome<Ornament.Traced> shape(String text) {
        XMLInputFactory factory = XMLInputFactory.newInstance();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader reader = factory.createXMLStreamReader(new StringReader(text));
            while (reader.hasNext()) {
                int event = reader.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    List<Problem> problems = begin(reader);
                    if (!problems.isEmpty()) {
                        return Outcome.failed(problems);
                    }
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    transforms.pop();
                    kept -= KEPT.contains(reader.getLocalName()) ? 1 : 0;
                }
            }
        } catch (XMLStreamException fault) {
            return SvgPaths.failed(name, FileWords.NO_SVG.of("line", fault.getLocation().getLineNumber()));
        }
        return all.getCurrentPoint() == null ? SvgPaths.failed(name, FileWords.NO_PATH_IN_FILE.of())
                : SvgPaths.read(name, data(all));
    }

    /** Takes in an element, a group, a path, or what is of no use here; what is wrong with it. */
    private List<Problem> begin(XMLStreamReader reader) {
        AffineTransform here = new AffineTransform(transforms.peek());
        Optional<String> transform = Optional.ofNullable(reader.getAttributeValue(null, "transform"));
        try {
            if (transform.isPresent()) {
                here.concatenate(AWTTransformProducer.createAffineTransform(new StringReader(transform.get())));
            }
        } catch (ParseException fault) {
            return List.of(
                    Problem.error(name, FileWords.NO_SVG.of("line", reader.getLocation().getLineNumber())));
        }
        transforms.push(here);
        kept += KEPT.contains(reader.getLocalName()) ? 1 : 0;
        String path = reader.getAttributeValue(null, "d");
        if (kept > 0 || path == null || !reader.getLocalName().equals("path")) {
            return List.of();
        }
        Outcome<Shape> shape = SvgPaths.parse(name, path);
        shape.value().ifPresent(drawn -> all.append(drawn.getPathIterator(here), false));
        return shape.problems();
    }

    /** The data of a path that draws this. */
    private static String data(Shape shape) {
        StringJoiner data = new StringJoiner(" ");
        float[] at = new float[6];
        for (PathIterator each = shape.getPathIterator(null); !each.isDone(); each.next()) {
            int kind = each.currentSegment(at);
            StringJoiner segment = new StringJoiner(" ");
            segment.add(switch (kind) {
                case PathIterator.SEG_MOVETO -> "M";
                case PathIterator.SEG_LINETO -> "L";
                case PathIterator.SEG_QUADTO -> "Q";
                case PathIterator.SEG_CUBICTO -> "C";
                default -> "Z";
            });
            int numbers = switch (kind) {
                case PathIterator.SEG_MOVETO, PathIterator.SEG_LINETO -> 2;
                case PathIterator.SEG_QUADTO -> 4;
                case PathIterator.SEG_CUBICTO -> 6;
                default -> 0;
            };
            for (int i = 0; i < numbers; i++) {
                segment.add(String.valueOf(at[i]));
            }
            data.add(segment.toString());
        }
        return data.toString();
    }
}
