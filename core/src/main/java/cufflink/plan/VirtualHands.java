package cufflink.plan;

import cufflink.words.Message;
import java.util.List;

/**
 * Carries a run sheet out on virtual paper and compares what lies there at the end with the plan. The hands begin with
 * bare sheets and know nothing but the steps: what each is about, and the numbers that stand in it, as they are read
 * off the ruler. A step that needs what is not there yet, a piece that nobody cut, a crease that nobody scored or that
 * was scored from the wrong end or the wrong face, a layer, a joint or a part that was forgotten or comes twice is
 * named.
 */
public final class VirtualHands {
    private VirtualHands() {
    }

    /** What is wrong with a run sheet of a plan; empty if it makes what the plan shows. */
    public static List<Message> faults(Workings plan, List<RunStep> run) {
        HandTable table = new HandTable(plan);
        run.forEach(step -> work(table, step));
        new HandComparison(table).compare();
        return table.faults();
    }

    /** What lies on the table after each step. */
    public static List<Tabletop> rehearse(Workings plan, List<RunStep> run) {
        HandTable table = new HandTable(plan);
        return run.stream().map(step -> {
            work(table, step);
            return Tabletop.of(table);
        }).toList();
    }

    private static void work(HandTable table, RunStep step) {
        step.subjects().forEach(subject -> subject.accept(new HandWork(table,
                new HandNumbers(step, HandNames.of(table.plan(), step.subject(), subject)))));
    }
}
