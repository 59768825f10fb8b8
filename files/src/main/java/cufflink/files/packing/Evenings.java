package cufflink.files.packing;

import cufflink.job.JobPlan;
import cufflink.notebook.Make;
import cufflink.notebook.PhaseTimes;
import cufflink.packing.EveningPlan;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.words.PackingWords;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How long a job takes by the notebook's own times, and how many evenings that is. */
public final class Evenings {
    /** Minutes of an evening if nobody says how long. */
    public static final int USUAL = 120;

    private Evenings() {
    }

    /** The order of work; none while no design of the job was ever timed. {@code dry} is in seconds. */
    public static Optional<EveningPlan> of(JobPlan plan, List<Make> makes, double dry) {
        List<EveningPlan.Work> works = new ArrayList<>();
        for (int i = 0; i < plan.plans().size(); i++) {
            Plan made = plan.plans().get(i);
            int copies = plan.job().kits().get(i).copies();
            Map<Phase, Double> took = new EnumMap<>(Phase.class);
            PhaseTimes.perCopy(makes, made.design().definition().title())
                    .forEach((phase, seconds) -> took.put(phase, seconds * copies));
            if (!took.isEmpty()) {
                works.add(new EveningPlan.Work(made.project().name(), took));
            }
        }
        return works.isEmpty() ? Optional.empty() : Optional.of(EveningPlan.of(works, dry));
    }

    private static long minutes(double seconds) {
        return Math.round(seconds / 60);
    }

    /** {@code 0:35 Glue, Comet night invitation, 12 min}. */
    public static String line(EveningPlan.Block block) {
        long from = minutes(block.from());
        return from / 60 + ":" + (from % 60 < 10 ? "0" : "") + from % 60 + "  " + block.phase().title() + ", "
                + block.project() + ", " + minutes(block.seconds()) + " min";
    }

    /** How long it is in all, how many evenings, and on which day to begin. */
    public static String said(EveningPlan plan, int evening, Optional<LocalDate> ready) {
        long all = minutes(plan.seconds());
        long evenings = Math.max(1, (all + evening - 1) / evening);
        String said = PackingWords.EVENINGS.of("minutes", all, "evenings", evenings, "evening", evening).sentence();
        try {
            return ready.map(day -> said + " "
                    + PackingWords.BEGIN_BY.of("day", day.minusDays(evenings), "ready", day).sentence()).orElse(said);
        } catch (DateTimeException outside) {
            return said;
        }
    }
}
