package cufflink.directions.study;

import cufflink.design.DesignDefinition;
import cufflink.directions.Directions;
import cufflink.directions.finding.Finding;
import cufflink.directions.finding.Findings;
import cufflink.directions.match.DesignMatch;
import cufflink.directions.match.DesignMatcher;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.problem.Outcome;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Studies directions beside the designs of a shelf. One may serve for many texts, from any thread. */
public final class DirectionsStudy {
    /** A design that explains fewer figures is no rival. */
    private static final int FEWEST = 3;
    /** By how much less a design may be worth and still be nearly as likely: about one figure. */
    private static final double NEARLY = 1;

    private final DesignMatcher matcher;

    /** @param designs those that directions may be for */
    public DirectionsStudy(Collection<DesignDefinition> designs) {
        this.matcher = new DesignMatcher(designs);
    }

    /**
     * What was found out. The same text always comes to the same.
     *
     * @param findings those of the text alone and those by its design; the gravest first
     * @param designs  what the text may be for, the most likely first
     * @param plan     the likely design, worked out with the text's measures; absent without a convincing one
     */
    public record Study(Directions directions, List<Finding> findings, List<DesignMatch> designs,
            Optional<Outcome<Plan>> plan) {
        public Study {
            findings = List.copyOf(findings);
            designs = List.copyOf(designs);
        }

        /** The design that the text is for, if one explains enough of it. */
        public Optional<DesignMatch> design() {
            return designs.stream().findFirst().filter(DesignMatch::isConvincing);
        }

        /** Whether something in the text cannot be. */
        public boolean hasImpossible() {
            return findings.stream().anyMatch(finding -> finding.grade() == Finding.Grade.CANNOT_BE);
        }
    }

    /** Whether a design contradicts the text and another that is nearly as likely does not. */
    private static boolean isRivalled(DesignMatch likely, List<DesignMatch> designs) {
        return !likely.differs().isEmpty() && designs.stream().anyMatch(other -> other.differs().isEmpty()
                && other.agrees().size() >= FEWEST && other.worth() >= likely.worth() - NEARLY);
    }

    /** Reads a text against the designs. */
    public Study of(Directions directions) {
        List<DesignMatch> designs = matcher.rank(directions);
        Optional<DesignMatch> likely = designs.stream().findFirst().filter(DesignMatch::isConvincing);
        Optional<Outcome<Plan>> plan = likely.map(match -> Planner.plan(match.project()));
        List<Finding> alone = Findings.of(directions);
        List<Finding> findings = new ArrayList<>(likely.map(match -> new DesignFindings(directions, match,
                plan.orElseThrow(), alone, isRivalled(match, designs)).all()).orElse(alone));
        findings.sort(Comparator.comparing(Finding::grade).thenComparing(finding -> finding.places().get(0).from()));
        return new Study(directions, findings, designs, plan);
    }
}
