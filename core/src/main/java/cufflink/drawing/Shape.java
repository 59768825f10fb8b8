package cufflink.drawing;

import cufflink.paper.FacePicture;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** A part of a picture. {@code id} names what it belongs to, so that a click finds it; it may be empty. */
public sealed interface Shape {
    /** What to do with each kind of shape; {@code X} is what may go wrong, {@code RuntimeException} if nothing can. */
    interface Cases<R, X extends Exception> {
        R area(Area area) throws X;

        R path(Path path) throws X;

        R label(Label label) throws X;

        R mark(Mark mark) throws X;
    }

    String id();

    Ink ink();

    <R, X extends Exception> R accept(Cases<R, X> cases) throws X;

    /** The same with every spot moved; a text goes with its point. */
    default Shape moved(UnaryOperator<Spot> to) {
        return accept(new Cases<Shape, RuntimeException>() {
            @Override
            public Shape area(Area area) {
                return area.moved(to);
            }

            @Override
            public Shape path(Path path) {
                return new Path(path.id(), path.ink(), path.points().stream().map(to).toList());
            }

            @Override
            public Shape label(Label label) {
                return new Label(label.id(), label.ink(), to.apply(label.at()), label.text(), label.size(),
                        label.anchor(), label.bold(), label.upright());
            }

            @Override
            public Shape mark(Mark mark) {
                return new Mark(mark.id(), mark.ink(), to.apply(mark.at()), mark.text(), mark.radius(), mark.colour(),
                        mark.edge());
            }
        });
    }

    /** A point, millimetres. */
    record Spot(double x, double y) {
        public Spot plus(double dx, double dy) {
            return new Spot(x + dx, y + dy);
        }
    }

    /**
     * A filled region.
     *
     * @param holes   openings in it
     * @param colour  instead of the ink's, for paper of a stock
     * @param edge    the ink of its outline
     * @param texture the picture that is printed on it
     */
    record Area(String id, Ink ink, List<Spot> corners, List<List<Spot>> holes, Optional<String> colour,
            Optional<Ink> edge, Optional<Texture> texture) implements Shape {
        public Area {
            corners = List.copyOf(corners);
            holes = List.copyOf(holes);
        }

        /** A region of one colour. */
        public Area(String id, Ink ink, List<Spot> corners, List<List<Spot>> holes, Optional<String> colour,
                Optional<Ink> edge) {
            this(id, ink, corners, holes, colour, edge, Optional.empty());
        }

        /** A region without openings. */
        public Area(String id, Ink ink, List<Spot> corners, Optional<String> colour, Optional<Ink> edge) {
            this(id, ink, corners, List.of(), colour, edge);
        }

        /** Its outline and its openings. */
        public List<List<Spot>> rings() {
            return Stream.concat(Stream.of(corners), holes.stream()).toList();
        }

        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.area(this);
        }

        @Override
        public Area moved(UnaryOperator<Spot> to) {
            return new Area(id, ink, corners.stream().map(to).toList(),
                    holes.stream().map(hole -> hole.stream().map(to).toList()).toList(), colour, edge,
                    texture.map(tile -> new Texture(tile.picture(), to.apply(tile.corner()), to.apply(tile.right()),
                            to.apply(tile.down()))));
        }
    }

    /**
     * A picture that is repeated all over: one of its tiles as it is seen, a parallelogram.
     *
     * @param corner where the tile's top left corner is
     * @param right  where its top right corner is
     * @param down   where its bottom left corner is
     */
    record Texture(FacePicture picture, Spot corner, Spot right, Spot down) {
    }

    /** A line through points. */
    record Path(String id, Ink ink, List<Spot> points) implements Shape {
        public Path {
            points = List.copyOf(points);
        }

        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.path(this);
        }
    }

    /** Where a text stands against its point. */
    enum Anchor { START, MIDDLE, END }

    /**
     * Text, with fractions set; its middle height is at the point.
     *
     * @param size in points
     */
    record Label(String id, Ink ink, Spot at, String text, double size, Anchor anchor, boolean bold,
            boolean upright) implements Shape {
        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.label(this);
        }
    }

    /**
     * A ring with a letter or a number, set where a line needs its kind told apart or its order.
     *
     * @param colour of the ring's ground
     * @param edge   of the ring
     * @param radius in points
     */
    record Mark(String id, Ink ink, Spot at, String text, double radius, String colour, Ink edge) implements Shape {
        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.mark(this);
        }
    }

    static Area rectangle(String id, Ink ink, double x, double y, double width, double height, Optional<String> colour,
            Optional<Ink> edge) {
        return new Area(id, ink, List.of(new Spot(x, y), new Spot(x + width, y), new Spot(x + width, y + height),
                new Spot(x, y + height)), colour, edge);
    }

    static Path line(String id, Ink ink, double x1, double y1, double x2, double y2) {
        return new Path(id, ink, List.of(new Spot(x1, y1), new Spot(x2, y2)));
    }

    static Label text(String id, Ink ink, double x, double y, String text, double size) {
        return new Label(id, ink, new Spot(x, y), text, size, Anchor.MIDDLE, false, false);
    }

    static Label bold(String id, Ink ink, double x, double y, String text, double size) {
        return new Label(id, ink, new Spot(x, y), text, size, Anchor.MIDDLE, true, false);
    }
}
