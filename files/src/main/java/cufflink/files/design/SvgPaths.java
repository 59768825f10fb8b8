package cufflink.files.design;

import cufflink.crease.RobustOverlay;
import cufflink.design.Ornament;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FileWords;
import cufflink.words.Message;
import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
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
    /** The share of the whole up to which a part is a speck of the drawing. */
    private static final double SPECK = 0.005;
    private static final int MOST_CHARACTERS = 100_000;
    private static final int MOST_CORNERS = 20_000;

    private SvgPaths() {
    }

    /** The shape, or what is wrong with the path; {@code where} is named in problems. */
    public static Outcome<Ornament.Traced> read(String where, String path) {
        return parse(where, path).then(shape -> outline(where, shape))
                .map(outline -> new Ornament.Traced(path, outline));
    }

    static <T> Outcome<T> failed(String where, Message what) {
        return Outcome.failed(Problem.error(where, what));
    }

    /** What a path draws, or where it goes wrong. */
    static Outcome<Shape> parse(String where, String path) {
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
    private static Outcome<Polygon> outline(String where, Shape shape) {
        double size = Math.hypot(shape.getBounds2D().getWidth(), shape.getBounds2D().getHeight());
        if (!(size > 0) || Double.isInfinite(size)) {
            return failed(where, FileWords.PATH_ENCLOSES_NOTHING.of());
        }
        List<List<Coordinate>> rings = rings(shape.getPathIterator(null, size * EVEN));
        if (rings.stream().mapToInt(List::size).sum() > MOST_CORNERS) {
            return failed(where, FileWords.PATH_TOO_FINE.of("most", MOST_CORNERS));
        }
        Geometry all = FACTORY.createPolygon();
        for (List<Coordinate> ring : rings) {
            if (ring.size() > 3) {
                all = RobustOverlay.union(all,
                        GeometryFixer.fix(FACTORY.createPolygon(ring.toArray(new Coordinate[0]))));
            }
        }
        List<Polygon> pieces = pieces(all);
        if (pieces.size() > 1) {
            return failed(where, FileWords.PATH_IN_PIECES.of("count", pieces.size()));
        }
        Geometry even = pieces.isEmpty() ? all : DouglasPeuckerSimplifier
                .simplify(FACTORY.createPolygon(pieces.get(0).getExteriorRing()), size * EVEN);
        Envelope box = even.getEnvelopeInternal();
        return even instanceof Polygon outline && box.getWidth() > size * EVEN && box.getHeight() > size * EVEN
                ? Outcome.of(outline) : failed(where, FileWords.PATH_ENCLOSES_NOTHING.of());
    }

    /** What hangs together, but for specks. */
    private static List<Polygon> pieces(Geometry all) {
        List<Polygon> pieces = new ArrayList<>();
        for (int i = 0; i < all.getNumGeometries(); i++) {
            if (all.getGeometryN(i) instanceof Polygon part && part.getArea() > all.getArea() * SPECK) {
                pieces.add(part);
            }
        }
        return pieces;
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
