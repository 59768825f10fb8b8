package cufflink.fit;

import cufflink.design.SizedDesign;
import cufflink.problem.Problem;
import cufflink.words.Message;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A design fitted to a wish.
 *
 * @param target  the wish in words
 * @param limits  what keeps it from being larger (or smaller), with what would lift that; empty if nothing does
 * @param notices where the nearest possible was taken instead of the wish
 */
public record FitAnswer(SizedDesign design, String target, List<Message> limits, List<Problem> notices) {
    public FitAnswer {
        limits = List.copyOf(limits);
        notices = List.copyOf(notices);
    }

    /** What keeps it from being larger, or smaller; empty if nothing does. */
    public String limit() {
        return limits.stream().map(Message::sentence).collect(Collectors.joining(" ")).strip();
    }

    /** What would lift that limit; may be empty. */
    public String lift() {
        return limits.stream().map(Message::remedy).collect(Collectors.joining(" ")).strip();
    }
}
