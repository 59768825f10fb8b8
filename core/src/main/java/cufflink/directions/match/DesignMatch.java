package cufflink.directions.match;

import cufflink.design.DesignDefinition;
import cufflink.directions.Said;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Project;
import cufflink.problem.Ordered;
import java.util.List;
import java.util.Map;

/**
 * A design beside directions.
 *
 * @param ruler   on whose marks the text's figures lie
 * @param set     measures that are not as the design has them by itself, as typed
 * @param mats    the layers that the text has
 * @param agrees  figures of the text that the design has, at these measures
 * @param differs figures of the text that the design has otherwise
 * @param only    what only one of both has
 * @param worth   how much is explained, less what that takes; only for comparing
 */
public record DesignMatch(DesignDefinition design, RulerStep ruler, Map<String, String> set, MatSettings mats,
        List<Figure> agrees, List<Figure> differs, Unmatched only, double worth) {
    public DesignMatch {
        set = Ordered.map(set);
        agrees = List.copyOf(agrees);
        differs = List.copyOf(differs);
    }

    /**
     * One figure.
     *
     * @param piece      as the design calls it
     * @param said       as the text has it
     * @param design     as the design has it, measured as the text does
     * @param isPossible whether a piece could have it at all; a score past its piece could not
     */
    public record Figure(String piece, What what, Said said, Length design, boolean isPossible) {
    }

    /** What a figure is of its piece. */
    public enum What {
        WIDTH("width", "wide"), HEIGHT("height", "high"), SCORE("score", "scored");

        private final String word;
        private final String adjective;

        What(String word, String adjective) {
            this.word = word;
            this.adjective = adjective;
        }

        /** As written in answers. */
        public String word() {
            return word;
        }

        /** As in “it is 4 in wide”. */
        public String adjective() {
            return adjective;
        }
    }

    /** A project with these measures and layers, on plain papers. */
    public Project project() {
        return Project.of(design, ruler).withSet(set).withMats(mats);
    }

    /** Whether enough is explained to say that it is this design. */
    public boolean isConvincing() {
        long doubted = differs.stream().filter(Figure::isPossible).count();
        return worth >= 2 && agrees.size() >= 3 && doubted * 3 <= agrees.size();
    }
}
