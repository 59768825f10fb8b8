package cufflink.design;

import cufflink.design.DesignDefinition.CutShape;
import cufflink.measure.Length;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A design with every size worked out and every repeat written out. Lengths are exact; piece coordinates run right and down
 * from the top left corner with the face {@code up} lying up.
 */
public record SizedDesign(DesignDefinition definition, Measures measures, List<Piece> pieces, List<Mat> mats, List<FoldStep> folding,
                          List<Glue> glue, List<Pocket> pockets, Map<String, Map<String, Double>> poses, List<Judgement> judgements) {
    public SizedDesign {
        pieces = List.copyOf(pieces);
        mats = List.copyOf(mats);
        folding = List.copyOf(folding);
        glue = List.copyOf(glue);
        pockets = List.copyOf(pockets);
        judgements = List.copyOf(judgements);
    }

    /** A length with its derivation. */
    public record Figure(Length length, Derivation derivation) {
    }

    /** A piece. {@code panelNames} name the panels in reading order, as far as they go. */
    public record Piece(String id, String label, String material, Face up, Figure width, Figure height, List<Score> scores, List<Slit> slits,
                        List<CutOut> cutOuts, List<PanelName> panelNames) {
        public Piece {
            scores = List.copyOf(scores);
            slits = List.copyOf(slits);
            cutOuts = List.copyOf(cutOuts);
            panelNames = List.copyOf(panelNames);
        }
    }

    /** A panel's id and what it is called. */
    public record PanelName(String id, String label) {
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

    /** A score line. */
    public record Score(String id, Line line, Fold fold) {
    }

    /** A slit, zero wide unless stated. */
    public record Slit(String id, Line line, Length width) {
    }

    /** An opening or a cut-away: the numbers as in {@link DesignDefinition.CutOut}. */
    public record CutOut(String id, CutShape shape, List<Length> numbers) {
        public CutOut {
            numbers = List.copyOf(numbers);
        }
    }

    /** A place for layers. */
    public record Mat(PanelRef on, Face face, String label) {
    }

    /** Folds creases of one piece to an angle in degrees. */
    public record FoldStep(String piece, List<String> creases, double angle, String say) {
        public FoldStep {
            creases = List.copyOf(creases);
        }
    }

    /** Where a piece lies on a panel. */
    public record Offset(Length x, Length y) {
    }

    /** Glue; see {@link DesignDefinition.Glue}. */
    public record Glue(String id, PanelRef part, PanelRef onto, Face face, Optional<Offset> at, List<Side> edges, List<Side> free, String say) {
        public Glue {
            edges = List.copyOf(edges);
            free = List.copyOf(free);
        }
    }

    /** A pocket; see {@link DesignDefinition.Pocket}. */
    public record Pocket(DesignDefinition.Pocket definition, Figure width, Figure depth, Figure room, Figure reach, Length reachWanted) {
    }

    /** A check of the design's own, worked out; {@code margin} is there when two lengths were compared. */
    public record Judgement(DesignDefinition.Rule rule, boolean holds, Optional<Length> margin, String text) {
    }

    /** A piece by id; it must exist. */
    public Piece piece(String id) {
        return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
    }
}
