package cufflink.design;

import cufflink.design.DesignDefinition.Spot;
import cufflink.measure.Length;
import cufflink.paper.PaperRole;
import java.util.List;
import java.util.Optional;

/** A piece of paper as a design file describes it; width and height with the face that lies up. */
public record PieceDefinition(Template id, Template label, Source source, Lying lying, Formula width, Formula height,
        Marks marks) {
    /**
     * What it is cut from.
     *
     * @param from the piece whose waste it is cut from; its own sheet if absent
     */
    public record Source(PaperRole material, Optional<String> from) {
    }

    /**
     * How it lies.
     *
     * @param up       the face that lies up while it is cut and scored
     * @param rests    the panel that stays on the table
     * @param lean     degrees by which what is folded and glued to it is turned in its plane as it is held, clockwise
     * @param loose    whether nothing joins it to the other pieces
     * @param standIn  whether it stands for the panel that the design is put on as a part
     * @param reversed whether the wrong side of its paper is its outside; never if absent
     */
    public record Lying(Face up, Optional<Template> rests, Optional<Formula> lean, boolean loose, boolean standIn,
            Optional<Formula> reversed) {
    }

    /** From where to where two parts of a piece may lie over one another, if it is too long for its sheet. */
    public record Lap(Formula from, Formula to) {
    }

    /** What is scored and cut, what its panels are called, and where it may be joined of parts. */
    public record Marks(List<Occurs<Score>> scores, List<Occurs<Slit>> slits, List<Occurs<CutOut>> cutOuts,
            List<Occurs<PanelName>> panels, List<Occurs<Lap>> laps) {
        /** Of a piece that is never joined of parts. */
        public Marks(List<Occurs<Score>> scores, List<Occurs<Slit>> slits, List<Occurs<CutOut>> cutOuts,
                List<Occurs<PanelName>> panels) {
            this(scores, slits, cutOuts, panels, List.of());
        }

        public Marks {
            laps = List.copyOf(laps);
            scores = List.copyOf(scores);
            slits = List.copyOf(slits);
            cutOuts = List.copyOf(cutOuts);
            panels = List.copyOf(panels);
        }
    }

    /** A line on a piece. */
    public sealed interface Line {
        /** What to do with each kind of line. */
        interface Cases<R> {
            R upright(AtX line);

            R level(AtY line);

            R between(Between line);
        }

        <R> R accept(Cases<R> cases);

        /** The same with both its ends, on a piece of this size. */
        default Line ended(Formula width, Formula height) {
            Formula start = Formula.of(Length.ZERO);
            return accept(new Cases<Line>() {
                @Override
                public Line upright(AtX at) {
                    return new AtX(at.x(), at.from().or(() -> Optional.of(start)),
                            at.to().or(() -> Optional.of(height)));
                }

                @Override
                public Line level(AtY at) {
                    return new AtY(at.y(), at.from().or(() -> Optional.of(start)),
                            at.to().or(() -> Optional.of(width)));
                }

                @Override
                public Line between(Between ends) {
                    return ends;
                }
            });
        }

        /** The same, further right and down. */
        default Line moved(Spot by) {
            return accept(new Cases<Line>() {
                @Override
                public Line upright(AtX at) {
                    return new AtX(at.x().plus(by.x()), at.from().map(by.y()::plus), at.to().map(by.y()::plus));
                }

                @Override
                public Line level(AtY at) {
                    return new AtY(at.y().plus(by.y()), at.from().map(by.x()::plus), at.to().map(by.x()::plus));
                }

                @Override
                public Line between(Between ends) {
                    return new Between(ends.x1().plus(by.x()), ends.y1().plus(by.y()), ends.x2().plus(by.x()),
                            ends.y2().plus(by.y()));
                }
            });
        }
    }

    /** Upright at x; {@code from} and {@code to} are y, the whole height if absent. */
    public record AtX(Formula x, Optional<Formula> from, Optional<Formula> to) implements Line {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.upright(this);
        }
    }

    /** Across at y; {@code from} and {@code to} are x, the whole width if absent. */
    public record AtY(Formula y, Optional<Formula> from, Optional<Formula> to) implements Line {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.level(this);
        }
    }

    /** From one point to another. */
    public record Between(Formula x1, Formula y1, Formula x2, Formula y2) implements Line {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.between(this);
        }
    }

    /**
     * A score line, or two beside each other with a spine between them.
     *
     * @param fold    comes to one of the words of {@link Fold}
     * @param pinched whether it is not scored, but pinched round what the piece goes round; never if absent
     * @param bent    whether it ends inside the paper, which bends there
     * @param width   of the spine: from this line to the second, to the right or down; one line if absent or nothing
     */
    public record Score(Template id, Line line, Formula fold, Optional<Formula> pinched, boolean bent,
            Optional<Formula> width) {
        /** The same under another name. */
        Score named(Template other) {
            return new Score(other, line, fold, pinched, bent, width);
        }

        /** The same along another line. */
        Score on(Line other) {
            return new Score(id, other, fold, pinched, bent, width);
        }

        /** The line on the other side of the spine; only upright and level lines have one. */
        Optional<Line> second() {
            return width.flatMap(wide -> line.accept(new Line.Cases<Optional<Line>>() {
                @Override
                public Optional<Line> upright(AtX at) {
                    return Optional.of(new AtX(at.x().plus(wide), at.from(), at.to()));
                }

                @Override
                public Optional<Line> level(AtY at) {
                    return Optional.of(new AtY(at.y().plus(wide), at.from(), at.to()));
                }

                @Override
                public Optional<Line> between(Between ends) {
                    return Optional.empty();
                }
            }));
        }
    }

    /**
     * A cut that frees no paper; {@code width} cuts a gap of that width; a {@code joint} takes another piece, so that
     * the panel is divided along its line.
     */
    public record Slit(Template id, Line line, Optional<Formula> width, boolean joint) {
    }

    /** Shapes that can be cut out. */
    public enum CutShape { CIRCLE, ROUNDED, POLYGON }

    /**
     * An opening, or waste at the edge. Circle: cx cy r. Rounded: x y width height radius. Polygon: x y pairs. With
     * {@code outside} all but the shape is waste; {@code through}: cut after the layers are on, through both.
     */
    public record CutOut(Template id, CutShape shape, List<Formula> numbers, boolean outside, boolean through) {
        public CutOut {
            numbers = List.copyOf(numbers);
        }
    }

    /** Names the panel at a place, or panels in reading order (by x, then y). */
    public record PanelName(Template id, Template label, Optional<Spot> at) {
    }

    public PaperRole material() {
        return source.material();
    }

    /** The face that lies up while it is cut and scored. */
    public Face up() {
        return lying.up();
    }
}
