package cufflink.plan;

import cufflink.check.Verdict;
import cufflink.paper.NamedSize;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** Which envelopes the closed card of a plan goes into: each is planned, and judged as every envelope is. */
public final class EnvelopeOffers {
    private EnvelopeOffers() {
    }

    /** Those that take it, in their order. */
    public static List<NamedSize> fitting(Plan plan, Collection<NamedSize> envelopes) {
        return envelopes.stream().filter(envelope -> Planner
                .plan(plan.project().withEnvelope(Optional.of(envelope))).value()
                .filter(with -> with.checks().stream()
                        .anyMatch(check -> check.id().equals("envelope") && check.verdict() != Verdict.BAD))
                .isPresent()).toList();
    }
}
