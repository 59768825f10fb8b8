package cufflink.design;

import cufflink.measure.LengthUnit;
import cufflink.paper.Contents;
import cufflink.paper.PaperRole;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a design file says, before any size is known. Formulas refer to measures above them, to the variable of a
 * repeat, and to {@code card.caliper}, {@code ruler.step}.
 *
 * @param id         unique name, lower case with hyphens
 * @param title      as shown
 * @param group      what the shelf sorts by: card base, holder ...
 * @param about      one line
 * @param difficulty one word
 * @param uses       what it can do, in the words of the shelf's filter
 * @param held       how the closed card is held
 * @param lean       degrees by which the closed card is turned in its plane as it is held, clockwise; none if absent
 * @param covered    whether one panel of the closed card must cover all others
 * @param angle      how the shelf shows it half open
 */
public record DesignDefinition(String id, String title, String group, String about, String difficulty,
        List<String> uses, Held held, Optional<Formula> lean, boolean covered, Angle angle,
        List<Measure> measures, List<Piece> pieces, List<Mat> mats, List<FoldStep> folding, List<Glue> glue,
        List<Pocket> pockets, List<Layers> stack, Map<String, Pose> poses, List<Rule> checks) {
    public DesignDefinition {
        uses = List.copyOf(uses);
        measures = List.copyOf(measures);
        pieces = List.copyOf(pieces);
        mats = List.copyOf(mats);
        folding = List.copyOf(folding);
        glue = List.copyOf(glue);
        pockets = List.copyOf(pockets);
        stack = List.copyOf(stack);
        checks = List.copyOf(checks);
    }

    /** From where a standing card is shown: tilt, spin in its plane, swing about the upright axis; degrees. */
    public record Angle(double tilt, double spin, double swing) {
        public static final Angle USUAL = new Angle(-16, 0, 30);
    }

    /** What a measure is to the maker. */
    public enum Role {
        FINISHED_WIDTH("finished width"), FINISHED_HEIGHT("finished height"), PROPORTION("proportion"),
        ALLOWANCE("allowance"), COUNT("count"),
        ANGLE("angle"), CHOICE("choice"), CONTENTS("contents"), RESULT("result");

        private final String words;

        Role(String words) {
            this.words = words;
        }

        /** As written in a design file. */
        public String words() {
            return words;
        }
    }

    /**
     * A measure.
     *
     * @param name     used in formulas
     * @param label    as shown
     * @param value    default or worked-out value; absent for choices and contents
     * @param metric   instead of it where the maker's ruler is metric; absent if the same
     * @param choices  the words of a choice, the first is the default
     * @param contents the default of a contents measure
     * @param closes   for a finished measure that is not itself the closed side: the result that is
     */
    public record Measure(String name, String label, Role role, Optional<Formula> value, Optional<Formula> metric,
            Rounding rounding, Optional<Formula> min,
            Optional<Formula> max, List<String> choices, Optional<Contents> contents, String about,
            Optional<String> closes) {
        public Measure {
            choices = List.copyOf(choices);
        }

        /** The value for a unit. */
        public Optional<Formula> value(LengthUnit unit) {
            return unit == LengthUnit.MILLIMETRE ? metric.or(() -> value) : value;
        }

        /** Whether a maker may set it. */
        public boolean canBeSet() {
            return role != Role.RESULT;
        }
    }

    /** Counts a variable from one whole number to another, both included. */
    public record Repeat(String variable, Formula from, Formula to) {
    }

    /**
     * A piece; {@code from} names the piece whose waste it is cut from, {@code loose} says that nothing joins it to the
     * others, {@code rests} names the panel that stays on the table; width and height with the face {@code up} lying
     * up.
     */
    public record Piece(Template id, Template label, PaperRole material, Optional<String> from, boolean loose,
            Optional<Template> rests, Face up, Optional<Formula> when, Optional<Repeat> repeat,
            Formula width, Formula height, List<Score> scores, List<Slit> slits, List<CutOut> cutOuts,
            List<PanelName> panels) {
        public Piece {
            scores = List.copyOf(scores);
            slits = List.copyOf(slits);
            cutOuts = List.copyOf(cutOuts);
            panels = List.copyOf(panels);
        }
    }

    /** A line on a piece. */
    public sealed interface Line {
    }

    /** Upright at x; {@code from} and {@code to} are y, the whole height if absent. */
    public record AtX(Formula x, Optional<Formula> from, Optional<Formula> to) implements Line {
    }

    /** Across at y; {@code from} and {@code to} are x, the whole width if absent. */
    public record AtY(Formula y, Optional<Formula> from, Optional<Formula> to) implements Line {
    }

    /** From one point to another. */
    public record Between(Formula x1, Formula y1, Formula x2, Formula y2) implements Line {
    }

    /** A score line; {@code fold} comes to one of the words of {@link Fold}. */
    public record Score(Template id, Line line, Formula fold, Optional<Formula> when, Optional<Repeat> repeat) {
    }

    /**
     * A cut that frees no paper; {@code width} cuts a gap of that width; a {@code joint} takes another piece, so that
     * the panel is divided along its line.
     */
    public record Slit(Template id, Line line, Optional<Formula> width, boolean joint, Optional<Formula> when,
            Optional<Repeat> repeat) {
    }

    /** Shapes that can be cut out. */
    public enum CutShape { CIRCLE, ROUNDED, POLYGON }

    /**
     * An opening, or waste at the edge. Circle: cx cy r. Rounded: x y width height radius. Polygon: x y pairs. With
     * {@code outside} all but the shape is waste; {@code through}: cut after the layers are on, through both.
     */
    public record CutOut(Template id, CutShape shape, List<Formula> numbers, boolean outside, boolean through,
            Optional<Formula> when, Optional<Repeat> repeat) {
        public CutOut {
            numbers = List.copyOf(numbers);
        }
    }

    /** Names the panel at a place, or panels in reading order (by x, then y). */
    public record PanelName(Template id, Template label, Optional<Spot> at, Optional<Formula> when,
            Optional<Repeat> repeat) {
    }

    /** A place that can take decorative layers. */
    public record Mat(Template piece, Template panel, Optional<Face> face, Template label, Optional<Formula> when,
            Optional<Repeat> repeat) {
    }

    /** A place on a piece or panel. */
    public record Spot(Formula x, Formula y) {
    }

    /**
     * Folds some creases of one piece; {@code to} is the angle, 180 if absent.
     *
     * @param through whether all layers that the crease crosses are folded with it
     * @param tucks   pairs of panels of which the first goes behind the second
     */
    public record FoldStep(Template piece, List<Template> creases, Optional<Formula> to, Template say, boolean through,
            boolean opens, List<List<Template>> tucks, Optional<Formula> when,
            Optional<Repeat> repeat) {
        public FoldStep {
            creases = List.copyOf(creases);
            tucks = List.copyOf(tucks);
        }
    }

    /**
     * How two panels are joined: glued, woven over and under others, slid into each other's slits, or only kept lying
     * flat on each other.
     */
    public enum Way {
        GLUE("glue"), WEAVE("weave"), SLOT("slot"), SLIDE("slide"),
        /** Glued when the card stands open: a step for the hands, no part of the proof that it closes flat. */
        LATER("later");

        private final String word;

        Way(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** How a part is turned over before it is put on: not, about its upright axis, or about its level one. */
    public enum Turned {
        NO("no"), OVER("over"), TUMBLED("tumbled");

        private final String word;

        Turned(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** A panel named by templates. */
    public record PanelPlace(Template piece, Template panel) {
    }

    /** Two panels of the closed card of which the first lies nearer to the front. */
    public record Layers(PanelPlace front, PanelPlace behind, Optional<Formula> when, Optional<Repeat> repeat) {
    }

    /**
     * A pose; angles by crease of the main piece, or by {@code piece.crease}.
     *
     * @param after  the pose from which it is reached; absent for the closed card
     * @param others the angle of the creases that are not named; absent if they stay as they were
     * @param repeat runs through the names of creases that are counted
     */
    public record Pose(Optional<String> after, Optional<Formula> others, Map<Template, Formula> angles,
            Optional<Formula> when, Optional<Repeat> repeat) {
    }

    /**
     * Joins two panels face to face, or a piece onto a panel.
     *
     * @param at       for a piece laid on a panel: its top left corner from the panel's; absent where folding brings
     *                 the two together
     * @param turn     degrees by which it is turned in its plane
     * @param overhang whether the part may stand out past the panel that it is put on
     * @param over     panels that a woven part lies over
     * @param slit     of the panel it is put on, for a slot
     */
    public record Glue(Template id, Way way, PanelPlace part, PanelPlace onto, Optional<Face> face, Optional<Spot> at,
            Optional<Formula> turn, Turned turned,
            List<Side> edges, List<Side> free, boolean overhang, List<PanelPlace> over, List<PanelPlace> under,
            Optional<String> slit, Template say, Optional<Formula> when,
            Optional<Repeat> repeat) {
        public Glue {
            edges = List.copyOf(edges);
            free = List.copyOf(free);
            over = List.copyOf(over);
            under = List.copyOf(under);
        }
    }

    /**
     * A space that holds something.
     *
     * @param front  the panel towards the front of the closed card
     * @param back   the panel behind it
     * @param holds  the name of the contents measure
     * @param change the measure to change if the contents do not fit
     * @param room   from the closed end to where the card ends, which contents that stand out of the pocket may take
     * @param reach  how much of the contents can be gripped
     */
    public record Pocket(String id, String label, PanelRef front, PanelRef back, Side open, Formula width,
            Formula depth, Formula room,
            String holds, Formula reach, Formula reachWanted, String change) {
    }

    /** A judgement of the design's own; {@code change} names the measure to change. */
    public record Rule(String id, Formula that, Template good, Template otherwise, Optional<String> change, boolean bad,
            Optional<Formula> when) {
    }

    /** The piece that the others are put on: the first. */
    public Piece main() {
        return pieces.get(0);
    }

    /** What its pieces are cut from, the main piece's first. */
    public Set<PaperRole> materials() {
        Set<PaperRole> materials = new LinkedHashSet<>();
        pieces.forEach(piece -> materials.add(piece.material()));
        return materials;
    }

    public Optional<Measure> measure(String name) {
        return measures.stream().filter(measure -> measure.name().equals(name)).findFirst();
    }

    /** The first measure with a role. */
    public Optional<Measure> measure(Role role) {
        return measures.stream().filter(measure -> measure.role() == role).findFirst();
    }
}
