package cufflink.fit;

import cufflink.design.SizedDesign;
import cufflink.problem.Problem;
import java.util.List;

/**
 * A design fitted to a wish.
 *
 * @param target  the wish in words
 * @param limit   what keeps it from being larger (or smaller), one sentence; empty if nothing does
 * @param lift    what would lift that limit
 * @param notices where the nearest possible was taken instead of the wish
 */
public record FitAnswer(SizedDesign design, String target, String limit, String lift, List<Problem> notices) {
    public FitAnswer {
        notices = List.copyOf(notices);
    }
}
