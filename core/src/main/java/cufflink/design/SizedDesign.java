package cufflink.design;

import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.PieceDefinition.Source;
import cufflink.design.SizedDesign.Passing;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.paper.PaperRole;
import cufflink.problem.Ordered;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A design with every size worked out and every repeat written out. Lengths are exact; piece coordinates run right and
 * down from the top left corner with the face {@code up} lying up.
 *
 * @param pieces the main piece first
 */
public record SizedDesign(DesignDefinition definition, Measures measures, List<Piece> pieces, Making making,
        List<Pocket> pockets, Opening opening, List<Judgement> judgements) {
    public SizedDesign {
        pieces = List.copyOf(pieces);
        pockets = List.copyOf(pockets);
        judgements = List.copyOf(judgements);
    }

    /** What is done with the pieces. */
    public record Making(List<Mat> mats, List<FoldStep> folding, List<Glue> glue, List<Layers> stack,
            List<PutStep> puts, Trim trim, List<Said> finish) {
        public Making {
            finish = List.copyOf(finish);
            mats = List.copyOf(mats);
            folding = List.copyOf(folding);
            glue = List.copyOf(glue);
            stack = List.copyOf(stack);
            puts = List.copyOf(puts);
        }
    }

    /**
     * How the closed card is opened.
     *
     * @param poses by name, each after those that it follows; those in which it is leafed through come last
     * @param pages in the order in which they are leafed through
     */
    public record Opening(Map<String, Pose> poses, List<Page> pages) {
        public Opening {
            poses = Ordered.map(poses);
            pages = List.copyOf(pages);
        }
    }

    /**
     * What is put on the paper: soft pieces, small hardware that holds them or the paper, ornaments.
     *
     * @param scores lines for show that parts score on the panels that they are put on
     * @param laid   what lies on panels and no pocket holds
     */
    public record Trim(List<Soft> soft, List<Fixing> fixings, List<Ornament> ornaments, List<PanelScore> scores,
            List<LaidContents> laid) {
        public static final Trim NONE = new Trim(List.of(), List.of(), List.of(), List.of(), List.of());

        public Trim {
            laid = List.copyOf(laid);
            scores = List.copyOf(scores);
            soft = List.copyOf(soft);
            fixings = List.copyOf(fixings);
            ornaments = List.copyOf(ornaments);
        }

        /** What is on some pieces only; what goes round the card is on the main one. */
        Trim only(Predicate<String> wanted, String main) {
            return new Trim(
                    soft.stream().filter(one -> one.wind().isPresent() && wanted.test(main)
                            || one.way().stream().anyMatch(stay -> wanted.test(stay.panel().piece()))).toList(),
                    fixings.stream().filter(one -> wanted.test(one.panel().piece())).toList(),
                    ornaments.stream().filter(one -> wanted.test(one.on().piece())).toList(),
                    scores.stream().filter(one -> wanted.test(one.on().piece())).toList(),
                    laid.stream().filter(one -> wanted.test(one.on().piece())).toList());
        }
    }

    /** A length with its derivation. */
    public record Figure(Length length, Derivation derivation) {
        /** A length that no formula gave, with the reason. */
        public static Figure of(String label, Length length, Message reason) {
            Value value = Value.length(length);
            return new Figure(length, new Derivation(label, Optional.empty(), Map.of(), Map.of(), value, value,
                    Rounding.EXACT, RulerStep.SIXTEENTH_INCH, reason));
        }
    }

    /** A piece, with the face {@code up} lying up. */
    public record Piece(String id, String label, Source source, Lying lying, Figure width, Figure height,
            Marks marks) {
        public PaperRole material() {
            return source.material();
        }

        /** The piece whose waste it is cut from. */
        public Optional<String> from() {
            return source.from();
        }

        /** The face that lies up while it is cut and scored. */
        public Face up() {
            return lying.up();
        }

        /** Whether a face of it is the right side of its paper. */
        public boolean showsRightSide(Face face) {
            return (face == Face.OUTSIDE) != lying.reversed();
        }

        /** Its creases and decorative lines. */
        public List<Score> scores() {
            return marks.scores();
        }

        /** Every line that is scored or pinched; a spine has two. */
        public List<Score> lines() {
            return scores().stream().flatMap(score -> score.lines().stream()).toList();
        }

        public List<Slit> slits() {
            return marks.slits();
        }

        public List<CutOut> cutOuts() {
            return marks.cutOuts();
        }

        /** The same piece with another cut-out. */
        public Piece with(CutOut more) {
            List<CutOut> all = new ArrayList<>(cutOuts());
            all.add(more);
            return new Piece(id, label, source, lying, width, height,
                    new Marks(scores(), marks.slits(), all, marks.panelNames(), marks.laps()));
        }

        /** The same piece with another score line. */
        public Piece with(Score more) {
            List<Score> all = new ArrayList<>(scores());
            all.add(more);
            return new Piece(id, label, source, lying, width, height,
                    new Marks(all, marks.slits(), marks.cutOuts(), marks.panelNames(), marks.laps()));
        }
    }

    /**
     * How a piece lies.
     *
     * @param up       the face that lies up while it is cut and scored
     * @param rests    the panel that stays on the table
     * @param lean     degrees by which what is folded and glued to it is turned in its plane as it is held, clockwise
     * @param reversed whether the wrong side of its paper is its outside
     */
    public record Lying(Face up, Optional<String> rests, double lean, boolean reversed) {
    }

    /** From where to where two parts of a piece may lie over one another, counted from its left edge. */
    public record Lap(Length from, Length to) {
        public Length width() {
            return to.minus(from);
        }
    }

    /**
     * What is scored and cut on a piece, and what its panels are called.
     *
     * @param laps where it may be joined of parts, if it is too long for its sheet
     */
    public record Marks(List<Score> scores, List<Slit> slits, List<CutOut> cutOuts, List<PanelName> panelNames,
            List<Lap> laps) {
        /** Of a piece that is never joined of parts. */
        public Marks(List<Score> scores, List<Slit> slits, List<CutOut> cutOuts, List<PanelName> panelNames) {
            this(scores, slits, cutOuts, panelNames, List.of());
        }

        public Marks {
            laps = List.copyOf(laps);
            scores = List.copyOf(scores);
            slits = List.copyOf(slits);
            cutOuts = List.copyOf(cutOuts);
            panelNames = List.copyOf(panelNames);
        }
    }

    /** A panel's id and what it is called; {@code at} is a place inside it, absent if it is named in reading order. */
    public record PanelName(String id, String label, Optional<Offset> at) {
        public static PanelName of(String id, String label) {
            return new PanelName(id, label, Optional.empty());
        }
    }

    /** Which way a line runs. */
    public enum Along {
        /** Upright: at a constant x. */
        X("x"),
        /** Across: at a constant y. */
        Y("y"),
        /** From point to point. */
        LINE("line");

        private final String word;

        Along(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * A straight line on a piece.
     *
     * @param at the constant x or y with its derivation; absent for a line from point to point
     */
    public record Line(Along along, Optional<Figure> at, Length x1, Length y1, Length x2, Length y2) {
        /** Where along its own direction an upright or level line starts. */
        public Length from() {
            return along == Along.X ? y1 : x1;
        }

        /** Where it ends. */
        public Length to() {
            return along == Along.X ? y2 : x2;
        }
    }

    /** A slit, zero wide unless stated; another piece slides into a joint and turns about its line. */
    public record Slit(String id, Line line, Length width, boolean joint) {
    }

    /**
     * An opening or a cut-away: the numbers as in {@link PieceDefinition.CutOut}; with {@code outside} all but the
     * shape is cut away; {@code through}: cut after the layers are on, through both.
     */
    public record CutOut(String id, CutShape shape, List<Length> numbers, boolean outside, boolean through) {
        public CutOut {
            numbers = List.copyOf(numbers);
        }

        /**
         * The radius of a circle, or of a rounded shape's corners: at most half of its shorter side, to whole
         * nanometres; absent for a polygon.
         */
        public Optional<Length> radius() {
            return switch (shape) {
                case CIRCLE -> Optional.of(numbers.get(2));
                case ROUNDED -> {
                    Length shorter = Length.shorter(numbers.get(2), numbers.get(3));
                    yield Optional.of(Length.shorter(numbers.get(4), Length.ofNanometres(shorter.nanometres() / 2)));
                }
                case POLYGON -> Optional.empty();
            };
        }
    }

    /**
     * A place for layers: a panel, or a whole piece, which is scored and folded with them.
     *
     * @param last whether they go on when ribbons are fixed, whose ends they cover
     */
    public record Mat(PanelRef on, Face face, String label, boolean last) {
        /** Stands for all panels of a piece. */
        public static final String WHOLE = "*";

        /** Whether it lies over a whole piece. */
        public boolean isWhole() {
            return on.panel().equals(WHOLE);
        }

        /** Whether it lies on a panel, on that alone or with all others of its piece. */
        public boolean covers(PanelRef panel) {
            return isWhole() ? on.piece().equals(panel.piece()) : on.equals(panel);
        }
    }

    /**
     * What the hands are told.
     *
     * @param title a few words
     * @param all   one or more sentences; may be empty
     */
    public record Said(String title, String all) {
        /** With the first sentence as the title; a point within a number ends no sentence. */
        public static Said of(String all) {
            return new Said(all.replaceAll("(?s)\\.(\\s.*)?$", ""), all);
        }
    }

    /**
     * Folds creases of one piece to an angle in degrees, {@code through} all layers that they cross or one;
     * {@code tucks} say which panels go behind others. With {@code opens} it only opens again what the step before
     * creased.
     */
    public record FoldStep(String piece, List<String> creases, double angle, Said said, boolean through,
            boolean opens, List<Tuck> tucks) {
        /** A panel that goes behind another, as the viewer sees it. */
        public record Tuck(String behind, String front) {
        }

        public FoldStep {
            creases = List.copyOf(creases);
            tucks = List.copyOf(tucks);
        }
    }

    /**
     * Puts a finished part into its pocket or round the card.
     *
     * @param said absent for what is always told
     */
    public record PutStep(PartDefinition part, Optional<Said> said) {
    }

    /** Two panels of the closed card of which the first lies nearer to the front. */
    public record Layers(PanelRef front, PanelRef behind) {
    }

    /**
     * A named pose.
     *
     * @param after  the pose from which it is reached; absent for the closed card
     * @param others degrees of all creases that are not named; absent for those of the pose before
     * @param angles degrees by crease
     * @param built  whether it is put together so, with what is glued later, not reached by turning creases
     * @param spread the sides of pages that it shows; absent for a pose in which nothing is leafed through
     * @param round  how a pleated strip is opened to a disc or a part of one; absent for every other pose
     */
    public record Pose(Optional<String> after, Optional<Double> others, Map<CreaseRef, Double> angles, boolean built,
            Optional<Page.Spread> spread, Optional<Round> round) {
        public Pose {
            angles = Ordered.map(angles);
        }

        /** Reached by turning creases, and in which nothing is leafed through. */
        public Pose(Optional<String> after, Optional<Double> others, Map<CreaseRef, Double> angles) {
            this(after, others, angles, false, Optional.empty(), Optional.empty());
        }
    }

    /**
     * A pleated strip opened about the middle of a disc.
     *
     * @param turn degrees that it goes round, above 0, 360 for all of the disc
     * @param hole across the middle, where its folds meet
     * @param hubs panels that are glued on the middle, of pieces that are there: the first on top, the second beneath
     */
    public record Round(double turn, Length hole, List<PanelRef> hubs) {
        public Round {
            hubs = List.copyOf(hubs);
        }
    }

    /** Where a piece lies on a panel. */
    public record Offset(Length x, Length y) {
    }

    /** A joint between two panels; see {@link DesignDefinition.Glue}. */
    public record Glue(String id, DesignDefinition.Way way, PanelRef part, Host host, DesignDefinition.Edges edges,
            Passing passing, Said said) {
        /** The panel that the part is put on. */
        public PanelRef onto() {
            return host.panel();
        }

        /** The face of it. */
        public Face face() {
            return host.face();
        }

        /** Where the part is laid on it; absent where folding brings the two together. */
        public Optional<Placing> at() {
            return host.placing();
        }
    }

    /** What a part is put on; see {@link DesignDefinition.Host}. */
    public record Host(PanelRef panel, Face face, Optional<Placing> placing) {
    }

    /** What a part passes; see {@link DesignDefinition.Passing}. */
    public record Passing(List<PanelRef> over, List<PanelRef> under, Optional<String> slit) {
        public static final Passing NOTHING = new Passing(List.of(), List.of(), Optional.empty());

        public Passing {
            over = List.copyOf(over);
            under = List.copyOf(under);
        }

        /** All panels that it passes. */
        public List<PanelRef> all() {
            return Stream.concat(over.stream(), under.stream()).toList();
        }
    }

    /**
     * How a part lies on a panel: turned over or not, turned in its plane by degrees, then with the top left corner of
     * its bounds at {@code at} from the panel's.
     *
     * @param whole all of what is put on, if that is more than the panel that is joined: its corner comes to the place
     */
    public record Placing(Offset at, double turn, DesignDefinition.Turned turned, Optional<Whole> whole) {
    }

    /** See {@link DesignDefinition.Whole}. */
    public record Whole(Offset inset, Length width, Length height) {
    }

    /** A pocket; see {@link DesignDefinition.Pocket}. */
    public record Pocket(DesignDefinition.Pocket definition, PanelRef front, PanelRef back, Figure width, Figure depth,
            Figure room, Figure reach, Length reachWanted, boolean turned) {
    }

    /**
     * A check of the design's own, or of its numbers, worked out.
     *
     * @param bad    whether it is bad if it does not hold, or only to be watched
     * @param change the measure to change then
     * @param margin there when two lengths were compared
     */
    public record Judgement(String id, boolean bad, Optional<String> change, boolean holds, Optional<Length> margin,
            Message said) {
        /** Whether nobody would want a card with it. */
        public boolean isBroken() {
            return bad && !holds;
        }
    }

    /** The same design with other pieces. */
    public SizedDesign with(List<Piece> otherPieces) {
        return with(otherPieces, folding());
    }

    /** The same design with other pieces and fold steps. */
    public SizedDesign with(List<Piece> otherPieces, List<FoldStep> otherFolding) {
        return new SizedDesign(definition, measures, otherPieces,
                new Making(mats(), otherFolding, glue(), stack(), puts(), making.trim(), finish()),
                pockets, opening, judgements);
    }

    /** What of the design is about some pieces only: those that are joined to one thing. */
    public SizedDesign only(Predicate<String> wanted) {
        return new SizedDesign(definition, measures,
                pieces.stream().filter(piece -> wanted.test(piece.id())).toList(),
                new Making(mats().stream().filter(mat -> wanted.test(mat.on().piece())).toList(),
                        folding().stream().filter(step -> wanted.test(step.piece())).toList(),
                        glue().stream().filter(glue -> wanted.test(glue.onto().piece())).toList(),
                        stack().stream().filter(layers -> wanted.test(layers.front().piece())).toList(), List.of(),
                        making.trim().only(wanted, main().id()), List.of()),
                pockets.stream().filter(pocket -> wanted.test(pocket.back().piece())).toList(), opening,
                judgements);
    }

    /** Its named poses, each after those that it follows. */
    public Map<String, Pose> poses() {
        return opening.poses();
    }

    /** The panels that it is leafed through by, in order; none for what is no book. */
    public List<Page> pages() {
        return opening.pages();
    }

    /** Both sides of every page. */
    public List<Page.Side> sidesOfPages() {
        return pages().stream().flatMap(Page::sides).toList();
    }

    /** Places for layers. */
    public List<Mat> mats() {
        return making.mats();
    }

    /** The steps of folding, in order. */
    public List<FoldStep> folding() {
        return making.folding();
    }

    /** The joints, in the order in which they are made. */
    public List<Glue> glue() {
        return making.glue();
    }

    /** Ribbons, strings and the like. */
    public List<Soft> soft() {
        return making.trim().soft();
    }

    /** Brads, eyelets and the like. */
    public List<Fixing> fixings() {
        return making.trim().fixings();
    }

    /** The ornament of this id. */
    public Optional<Ornament> ornament(String id) {
        return ornaments().stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** What is glued on panels at last. */
    public List<Ornament> ornaments() {
        return making.trim().ornaments();
    }

    /** What the hole of a fixing is called on its piece: as the fixing is, counted where several are called alike. */
    public String hole(Fixing fixing) {
        String name = fixing.label().toLowerCase(Locale.ROOT);
        List<Fixing> alike = fixings().stream().filter(other -> other.panel().piece().equals(fixing.panel().piece())
                && other.label().equalsIgnoreCase(fixing.label())).toList();
        return alike.size() == 1 ? name : name + " " + (1 + alike.indexOf(fixing));
    }

    /** Lines for show that parts score on the panels that they are put on. */
    public List<PanelScore> panelScores() {
        return making.trim().scores();
    }

    /** What lies on panels and no pocket holds. */
    public List<LaidContents> laid() {
        return making.trim().laid();
    }

    /** What is said of the order of the closed card's panels. */
    public List<Layers> stack() {
        return making.stack();
    }

    /** The parts that are put in or round the card at last, the innermost first. */
    public List<PutStep> puts() {
        return making.puts();
    }

    /** What the hands do at last with the finished card. */
    public List<Said> finish() {
        return making.finish();
    }

    /** The piece that the others are put on. */
    public Piece main() {
        return pieces.get(0);
    }

    /** What it puts into a pocket. */
    public Optional<Contents> contents(Pocket pocket) {
        return contents(pocket.definition().holds(), pocket.turned());
    }

    /** What it lays on a panel; absent if no measure of contents is called so. */
    public Optional<Contents> contents(LaidContents laid) {
        return contents(laid.holds(), laid.turned());
    }

    private Optional<Contents> contents(String measure, boolean turned) {
        return measures.get(measure).flatMap(Measures.Sized::contents).map(item -> turned ? item.turned() : item);
    }

    /** Whether it is made for something to be in it, in a pocket, a slit or on a panel: not for what it goes round. */
    public boolean isMadeFor(Contents item) {
        return definition.asPart().around().isEmpty() && measures.all().stream()
                .flatMap(measure -> measure.contents().stream())
                .anyMatch(held -> held.equals(item) || held.equals(item.turned()));
    }

    /** See {@link DesignDefinition#apart}. */
    public Optional<PartDefinition> apart(String piece) {
        return definition.apart(piece);
    }

    /** How that of which a piece is made is held when it is closed. */
    public Held held(String piece) {
        return apart(piece).map(PartDefinition::design).orElse(definition).held();
    }

    /** The first piece of a part, if it is there. */
    public Optional<Piece> main(PartDefinition part) {
        return pieces.stream().filter(piece -> part.has(piece.id())).findFirst();
    }

    /** The parts that are there: that have a piece, a ribbon, a fixing or a scored line of their own. */
    public List<PartDefinition> parts() {
        return definition.parts().stream()
                .filter(part -> main(part).isPresent() || soft().stream().anyMatch(soft -> part.has(soft.id()))
                        || fixings().stream().anyMatch(fixing -> part.has(fixing.id()))
                        || panelScores().stream().anyMatch(line -> part.has(line.score().id())))
                .toList();
    }

    /** Whether a piece is that of a part. */
    public boolean isOfPart(String piece) {
        return definition.parts().stream().anyMatch(part -> part.has(piece));
    }

    /** A piece by id; it must exist. */
    public Piece piece(String id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
    }
}
