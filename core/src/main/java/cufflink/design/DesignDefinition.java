package cufflink.design;

import cufflink.design.SizedDesign.Passing;
import cufflink.paper.PaperRole;
import cufflink.problem.Ordered;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a design file says, before any size is known. Formulas refer to measures above them, to the variable of a
 * repeat, and to {@code card.caliper} and that of other materials, {@code ruler.step}.
 *
 * @param pieces the main piece first; at least one
 * @param parts  designs that are worked into it already, those within a part after it with its name in front; their
 *               places and bindings as their own files have them
 * @param asPart what it says of itself as a part of another design
 */
public record DesignDefinition(Head head, Shown shown, List<Measure> measures, List<Occurs<PieceDefinition>> pieces,
        Making making, Claims claims, List<PartDefinition> parts, PartDefinition.Use asPart) {
    public DesignDefinition {
        parts = List.copyOf(parts);
        measures = List.copyOf(measures);
        pieces = List.copyOf(pieces);
        if (pieces.isEmpty()) {
            throw new IllegalArgumentException("pieces: a design has at least one");
        }
    }

    /**
     * What it is.
     *
     * @param id         unique name, lower case with hyphens
     * @param title      as shown
     * @param group      what the shelf sorts by: card base, holder ...
     * @param about      one line
     * @param difficulty one word
     * @param uses       what it can do, in the words of the shelf's filter
     */
    public record Head(String id, String title, String group, String about, String difficulty, List<String> uses) {
        public Head {
            uses = List.copyOf(uses);
        }
    }

    /**
     * How it is shown.
     *
     * @param held   how the closed card is held
     * @param angle  from where the shelf shows it half open
     * @param stands the pose in which the finished thing stays, which has no flat form; absent for a card that closes
     */
    public record Shown(Held held, Angle angle, Optional<String> stands) {
    }

    /** From where a standing card is shown: tilt, spin in its plane, swing about the upright axis; degrees. */
    public record Angle(double tilt, double spin, double swing) {
        public static final Angle USUAL = new Angle(-16, 0, 30);
    }

    /**
     * What is done with the pieces.
     *
     * @param finish what the hands do at last with the finished card; no part of any proof
     */
    public record Making(List<Occurs<Mat>> mats, List<Occurs<FoldStep>> folding, List<Occurs<Glue>> glue,
            List<Occurs<Layers>> stack, Trim trim, List<Occurs<Said>> finish) {
        public Making {
            finish = List.copyOf(finish);
            mats = List.copyOf(mats);
            folding = List.copyOf(folding);
            glue = List.copyOf(glue);
            stack = List.copyOf(stack);
        }
    }

    /**
     * What is put on the paper: soft pieces, small hardware that holds them or the paper, ornaments.
     *
     * @param scoring lines that parts score on the panels that they are put on
     * @param laid    what lies on panels and no pocket holds
     */
    public record Trim(List<Occurs<SoftDefinition>> soft, List<Occurs<SoftDefinition.Fixing>> fixings,
            List<Occurs<OrnamentDefinition>> ornaments, List<Occurs<PanelScoring>> scoring,
            List<Occurs<Laying>> laid) {
        public static final Trim NONE = new Trim(List.of(), List.of(), List.of(), List.of(), List.of());

        public Trim {
            laid = List.copyOf(laid);
            scoring = List.copyOf(scoring);
            soft = List.copyOf(soft);
            fixings = List.copyOf(fixings);
            ornaments = List.copyOf(ornaments);
        }

        Trim with(List<Occurs<OrnamentDefinition>> others) {
            return new Trim(soft, fixings, others, scoring, laid);
        }
    }

    /**
     * What it is said to do.
     *
     * @param covered whether one panel of the closed card must cover all others
     * @param poses   by name, each after those that it follows
     * @param pages   in the order in which they are leafed through; none for what is no book
     */
    public record Claims(boolean covered, List<Occurs<Pocket>> pockets, Map<String, Pose> poses,
            List<Occurs<PageDefinition>> pages, List<Rule> checks) {
        public Claims {
            pages = List.copyOf(pages);
            pockets = List.copyOf(pockets);
            poses = Ordered.map(poses);
            checks = List.copyOf(checks);
        }
    }

    /**
     * A place that can take decorative layers.
     *
     * @param last whether they go on when ribbons are fixed, whose ends they cover
     */
    public record Mat(PanelPlace on, Optional<Face> face, Template label, boolean last) {
    }

    /** A place on a piece or panel. */
    public record Spot(Formula x, Formula y) {
    }

    /** What the hands are told: a few words, absent if the first sentence will do, and all of it. */
    public record Said(Optional<Template> title, Template all) {
    }

    /**
     * Folds some creases of one piece; {@code to} is the angle, 180 if absent.
     *
     * @param together counts through the names of creases that are folded at once
     * @param through  whether all layers that the crease crosses are folded with it
     * @param tucks    pairs of panels of which the first goes behind the second
     */
    public record FoldStep(Template piece, List<Template> creases, Optional<Occurs.Repeat> together,
            Optional<Formula> to, Said said, boolean through, boolean opens, List<List<Template>> tucks) {
        public FoldStep {
            creases = List.copyOf(creases);
            tucks = List.copyOf(tucks);
        }
    }

    /**
     * How two panels are joined: glued, woven over and under others, slid into each other's slits, only kept lying flat
     * on each other, or held by ribbons.
     */
    public enum Way {
        GLUE("glue"), WEAVE("weave"), SLOT("slot"), SLIDE("slide"),
        /**
         * Held together along one edge by soft pieces: the part turns about it. Of several such joints between the same
         * panels one acts at a time: the first, or the one that a pose opens.
         */
        TIED("tied"),
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
    public record Layers(PanelPlace front, PanelPlace behind) {
    }

    /**
     * A pose; angles by crease of the main piece, or by {@code piece.crease}.
     *
     * @param after  the pose from which it is reached; absent for the closed card
     * @param others the angle of the creases that are not named; absent if they stay as they were
     * @param repeat runs through the names of creases that are counted
     * @param built  whether it is put together so, with what is glued later, not reached by turning creases
     * @param round  how a pleated strip is opened to a disc or a part of one; absent for every other pose
     */
    public record Pose(Optional<String> after, Optional<Formula> others, Map<Template, Formula> angles,
            Optional<Formula> when, Optional<Occurs.Repeat> repeat, boolean built, Optional<Round> round) {
        public Pose {
            angles = Ordered.map(angles);
        }
    }

    /**
     * A pleated strip opened about the middle of a disc.
     *
     * @param turn degrees that it goes round, 360 for all of the disc
     * @param hole across the middle, where its folds meet
     * @param hubs panels that are glued on the middle: the first on top, the second beneath
     */
    public record Round(Formula turn, Formula hole, List<PanelPlace> hubs) {
        public Round {
            hubs = List.copyOf(hubs);
        }
    }

    /** Joins two panels face to face, or a piece onto a panel. */
    public record Glue(Template id, Way way, PanelPlace part, Host host, Edges edges, Passing passing, Said said) {
    }

    /**
     * What a part is put on.
     *
     * @param placing where a piece is laid on the panel; absent where folding brings the two together
     */
    public record Host(PanelPlace panel, Optional<Face> face, Optional<Placing> placing) {
    }

    /**
     * How a piece is laid on a panel.
     *
     * @param at    top left corner of what is put on, from that of the panel under it
     * @param turn  degrees by which it is turned in its plane
     * @param whole all of what is put on, if that is more than the panel: what the hands bring to its place
     */
    public record Placing(Spot at, Optional<Formula> turn, Turned turned, Optional<Whole> whole) {
    }

    /**
     * All of what is put on a panel by one panel of its own.
     *
     * @param inset how far that panel lies inside of it, before it is turned in its plane
     */
    public record Whole(Spot inset, Formula width, Formula height) {
    }

    /**
     * The edges of a part.
     *
     * @param glued    those that take glue
     * @param free     those that must not
     * @param overhang whether the part may stand out past the panel that it is put on
     */
    public record Edges(List<Side> glued, List<Side> free, boolean overhang) {
        public Edges {
            glued = List.copyOf(glued);
            free = List.copyOf(free);
        }
    }

    /**
     * What a part passes.
     *
     * @param over  panels that a woven part lies over
     * @param under panels that it lies under
     * @param slit  of the panel it is put on, for a slot
     */
    public record Passing(List<PanelPlace> over, List<PanelPlace> under, Optional<String> slit) {
        public Passing {
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
     */
    public record Pocket(String id, String label, PanelPlace front, PanelPlace back, Space space, String holds,
            Reach reach, String change) {
        /** The side at which it is open, as the panel behind lies. */
        public Side open() {
            return space.open();
        }

        /** A piece that it is made of; absent where formulas name them all. */
        Optional<String> piece() {
            return back.piece().fixed().or(() -> front.piece().fixed());
        }
    }

    /**
     * How large a pocket is.
     *
     * @param open   the side at which it is open, as the panel behind lies
     * @param room   from the closed end to where the card ends, which contents that stand out of the pocket may take
     * @param turned whether the contents lie in it a quarter turn round; never if absent
     * @param flap   the panel that closes the mouth and is opened to put something in
     * @param stuck  whether its sides are open, and a dot of glue keeps the contents in it
     * @param corner whether it takes a corner of the contents only, which are wider than it is
     */
    public record Space(Side open, Formula width, Formula depth, Formula room, Optional<Formula> turned,
            Optional<PanelRef> flap, boolean stuck, boolean corner) {
    }

    /** How much of the contents can be gripped, and should be. */
    public record Reach(Formula here, Formula wanted) {
    }

    /**
     * What lies in the middle of a panel, see {@link LaidContents}.
     *
     * @param holds  the name of its measure of contents
     * @param turned whether it lies a quarter turn round; not if absent
     */
    public record Laying(String holds, PanelPlace on, Face face, Optional<Formula> turned) {
    }

    /** A judgement of the design's own; {@code change} names the measure to change. */
    public record Rule(String id, Formula that, Template good, Template otherwise, Optional<String> change, boolean bad,
            Optional<Formula> when) {
    }

    /**
     * The same under another head, shown from elsewhere.
     *
     * @param usual what some measures are if nobody sets them
     * @param more  ornaments besides its own
     */
    public DesignDefinition with(Head other, Angle angle, Map<String, Measure.Usual> usual,
            List<Occurs<OrnamentDefinition>> more) {
        List<Measure> sized = measures.stream().map(measure -> Optional.ofNullable(usual.get(measure.name()))
                .map(measure::with).orElse(measure)).toList();
        Trim trim = making.trim();
        return new DesignDefinition(other, new Shown(shown.held(), angle, shown.stands()), sized, pieces,
                new Making(making.mats(), making.folding(), making.glue(), making.stack(),
                        trim.with(Stream.concat(trim.ornaments().stream(), more.stream()).toList()),
                        making.finish()),
                claims, parts, asPart);
    }

    /** Whether it has an ornament of its own that is called so. */
    public boolean hasOrnament(String id) {
        return making.trim().ornaments().stream().anyMatch(one -> one.what().id().isFixed(id));
    }

    /** The same with ornaments that a maker adds, and without those added before. */
    public DesignDefinition adorned(List<Ornament> before, List<Ornament> now) {
        List<String> gone = before.stream().map(Ornament::id).toList();
        Stream<Occurs<OrnamentDefinition>> own = making.trim().ornaments().stream()
                .filter(one -> gone.stream().noneMatch(one.what().id()::isFixed));
        return new DesignDefinition(head, shown, measures, pieces,
                new Making(making.mats(), making.folding(), making.glue(), making.stack(),
                        making.trim()
                                .with(Stream.concat(own, now.stream().map(OrnamentDefinition::of).map(Occurs::once))
                                        .toList()),
                        making.finish()),
                claims, parts, asPart);
    }

    /**
     * The part by itself that a piece is joined to: its own, or that on whose panels its part is glued, and so on;
     * absent for what is joined to the card.
     */
    public Optional<PartDefinition> apart(String piece) {
        return parts.stream().filter(part -> part.has(piece))
                .max(Comparator.comparingInt(part -> part.name().length()))
                .flatMap(owner -> owner.seat().on().isPresent() ? apart(owner.seat().on().get().piece())
                        : Optional.of(owner));
    }

    /** The part by itself in or round which a part by itself goes; absent for one that goes into or round the card. */
    Optional<PartDefinition> container(PartDefinition part) {
        return part.seat() instanceof PartDefinition.InPocket in
                ? claims.pockets().stream().map(Occurs::what).filter(pocket -> pocket.id().equals(in.pocket()))
                        .findFirst().flatMap(Pocket::piece).flatMap(this::apart)
                : parts.stream().filter(host -> host.isApart() && host.name().equals(part.host())).findFirst();
    }

    /** Unique name, lower case with hyphens. */
    public String id() {
        return head.id();
    }

    public String title() {
        return head.title();
    }

    /** How the closed card is held. */
    public Held held() {
        return shown.held();
    }

    /** The pose in which the finished thing stays, if it has no flat form. */
    public Optional<String> stands() {
        return shown.stands();
    }

    /** The piece that the others are put on: the first. */
    public PieceDefinition main() {
        return pieces.get(0).what();
    }

    /** What its pieces are cut from, the main piece's first. */
    public Set<PaperRole> materials() {
        Set<PaperRole> materials = new LinkedHashSet<>();
        pieces.forEach(piece -> materials.add(piece.what().material()));
        return materials;
    }

    public Optional<Measure> measure(String name) {
        return measures.stream().filter(measure -> measure.name().equals(name)).findFirst();
    }

    /** The first measure with a role. */
    public Optional<Measure> measure(Measure.Role role) {
        return measures.stream().filter(measure -> measure.role() == role).findFirst();
    }
}
