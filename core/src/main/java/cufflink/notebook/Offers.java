package cufflink.notebook;

import cufflink.measure.Length;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.PlanPapers;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is to be set otherwise if that is why a card came out other than planned. */
public final class Offers {
    private Offers() {
    }

    /**
     * The trimmer, where all sides are off alike; the caliper of every paper, where the stack is thicker or thinner.
     */
    public static List<Target> of(Plan plan, List<Measurement> measured) {
        List<Target> offers = new ArrayList<>();
        Measurement.offAlike(measured).map(off -> plan.project().tools().cutsShort().minus(off))
                .ifPresent(cutsShort -> offers.add(new OfTrimmer(cutsShort)));
        Measurement.thicker(measured).ifPresent(share -> {
            Map<String, PaperRole> roles = new LinkedHashMap<>();
            PlanPapers.of(plan).forEach((role, stock) -> roles.putIfAbsent(PlanPapers.material(stock), role));
            roles.values().forEach(role -> offers.add(new OfPaper(role, Optional.of(thicker(plan, role, share)))));
        });
        return offers;
    }

    private static Stock thicker(Plan plan, PaperRole role, double share) {
        Stock stock = plan.project().paper(role);
        // Calipers are read to a hundredth of a millimetre.
        long hundredths = Math.max(1, Math.round(stock.caliper().toMillimetres() * share * 100));
        return stock.withCaliper(Length.ofMicrometres(10 * hundredths));
    }
}
