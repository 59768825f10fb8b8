package cufflink.files.design;

import cufflink.crease.RobustOverlay;
import cufflink.design.Ornament;
import cufflink.files.TextFile;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FileWords;
import cufflink.words.Message;
import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.ParseException;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Reads shapes from the data of SVG paths ({@code d}): closed outlines of one piece, at any scale. */
public final class SvgPaths {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Arcs and curves are followed to this share of the path's size. */
    private static final double EVEN = 1e-4;
    private static final long MOST_BYTES = 5_000_000;
    private static final int MOST_CHARACTERS = 100_000;
    private static final int MOST_CORNERS = 20_000;

    private SvgPaths() {
    }

    /** The shape, or what is wrong with the path; {@code where} is named in problems. */
    public static Outcome<Ornament.Traced> read(String where, String path) {
        Outcome<Shape> parsed = parse(where, path);
        return parsed.then(shape -> outline(shape).<Outcome<Ornament.Traced>>map(
                found -> Outcome.of(new Ornament.Traced(path, found)))
                .orElseGet(() -> failed(where, FileWords.PATH_ENCLOSES_NOTHING.of())));
    }

    /** The shape of all paths of an SVG file together. */
    public static Outcome<Ornament.Traced> ofFile(Path file) {
        String name = String.valueOf(file.getFileName());
        return TextFile.read(file, "drawing", "SVG", MOST_BYTES).then(text -> {
            List<String> paths = new ArrayList<>();
            XMLInputFactory factory = XMLInputFactory.newInstance();
            factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
            factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
            try {
                XMLStreamReader reader = factory.createXMLStreamReader(new StringReader(text));
                while (reader.hasNext()) {
                    if (reader.next() == XMLStreamConstants.START_ELEMENT && reader.getLocalName().equals("path")
                            && reader.getAttributeValue(null, "d") != null) {
                        paths.add(reader.getAttributeValue(null, "d"));
                    }
                }
            } catch (XMLStreamException fault) {
                return failed(name, FileWords.NO_SVG.of("line", fault.getLocation().getLineNumber()));
            }
            return paths.isEmpty() ? failed(name, FileWords.NO_PATH_IN_FILE.of()) : read(name, String.join(" ", paths));
        });
    }

    private static <T> Outcome<T> failed(String where, Message what) {
        return Outcome.failed(Problem.error(where, what));
    }

    private static Outcome<Shape> parse(String where, String path) {
        if (path.length() > MOST_CHARACTERS) {
            return failed(where, FileWords.PATH_TOO_LONG.of("most", MOST_CHARACTERS));
        }
        try (StringReader reader = new StringReader(path)) {
            return Outcome.of(AWTPathProducer.createShape(reader, PathIterator.WIND_EVEN_ODD));
        } catch (ParseException fault) {
            return failed(where, FileWords.NO_PATH.of("column", Math.max(1, fault.getColumnNumber())));
        } catch (IOException impossible) {
            throw new IllegalStateException("a text could not be read", impossible);
        }
    }

    /** What all closed stretches enclose together, their holes filled: the outline of what is cut out as one piece. */
    private static Optional<Polygon> outline(Shape shape) {
        double size = Math.hypot(shape.getBounds2D().getWidth(), shape.getBounds2D().getHeight());
        if (!(size > 0) || Double.isInfinite(size)) {
            return Optional.empty();
        }
        Geometry all = FACTORY.createPolygon();
        int corners = 0;
        for (List<Coordinate> ring : rings(shape.getPathIterator(null, size * EVEN))) {
            corners += ring.size();
            if (ring.size() > 3 && corners < MOST_CORNERS) {
                all = RobustOverlay.union(all,
                        GeometryFixer.fix(FACTORY.createPolygon(ring.toArray(new Coordinate[0]))));
            }
        }
        Polygon largest = FACTORY.createPolygon();
        for (int i = 0; i < all.getNumGeometries(); i++) {
            if (all.getGeometryN(i) instanceof Polygon part && part.getArea() > largest.getArea()) {
                largest = part;
            }
        }
        Geometry even = DouglasPeuckerSimplifier.simplify(FACTORY.createPolygon(largest.getExteriorRing()),
                size * EVEN);
        Envelope box = even.getEnvelopeInternal();
        return even instanceof Polygon outline && box.getWidth() > size * EVEN && box.getHeight() > size * EVEN
                ? Optional.of(outline) : Optional.empty();
    }

    private static List<List<Coordinate>> rings(PathIterator flat) {
        List<List<Coordinate>> rings = new ArrayList<>();
        double[] at = new double[6];
        for (; !flat.isDone(); flat.next()) {
            int kind = flat.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                rings.add(new ArrayList<>());
            }
            if (kind != PathIterator.SEG_CLOSE) {
                rings.get(rings.size() - 1).add(new Coordinate(at[0], at[1]));
            }
        }
        rings.stream().filter(ring -> !ring.isEmpty()).forEach(ring -> ring.add(ring.get(0).copy()));
        return rings;
    }
}
