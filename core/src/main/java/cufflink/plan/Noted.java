package cufflink.plan;

import cufflink.problem.Ordered;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What a maker wrote into a project.
 *
 * @param text      may be empty
 * @param reminders what is told at a step, in the order in which they were kept
 * @param answered  the notebook's corrections that this project has taken, keeps in mind or does without, by their keys
 */
public record Noted(String text, List<Reminder> reminders, Set<String> answered) {
    public static final Noted NOTHING = new Noted("", List.of(), Set.of());

    public Noted {
        reminders = List.copyOf(reminders);
        answered = Ordered.set(answered);
    }

    Noted withText(String value) {
        return new Noted(value, reminders, answered);
    }

    /** The same with one more reminder; what it has already is not told twice. */
    public Noted with(Reminder reminder) {
        List<Reminder> more = new ArrayList<>(reminders);
        if (!more.contains(reminder)) {
            more.add(reminder);
        }
        return new Noted(text, more, answered);
    }

    /** The same without a reminder. */
    public Noted without(Reminder reminder) {
        return new Noted(text, reminders.stream().filter(one -> !one.equals(reminder)).toList(), answered);
    }

    /** The same with a correction answered. */
    public Noted withAnswered(String key) {
        Set<String> more = new LinkedHashSet<>(answered);
        more.add(key);
        return new Noted(text, reminders, more);
    }
}
