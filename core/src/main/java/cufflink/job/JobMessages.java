package cufflink.job;

import cufflink.cut.LayoutMessages;
import cufflink.cut.LayoutPlan;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.stash.Stash;
import cufflink.words.Message;
import cufflink.words.SupplyWords;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What there is to say of a job. */
public final class JobMessages {
    private JobMessages() {
    }

    /** How far the stash goes, and how far from the least possible the plan is. */
    public static String headline(JobPlan plan) {
        return Vocabulary.sentences(said(plan));
    }

    /** A line for each material and width of ribbon or string, with the reels that give it. */
    public static List<String> strands(List<StrandNeed> needs, Stash stash, LengthFormat format) {
        return needs.stream().map(need -> strand(need, stash, format)).toList();
    }

    /** One material and width of ribbon or string, with the reels that give it. */
    public static String strand(StrandNeed need, Stash stash, LengthFormat format) {
        List<String> reels = stash.ribbons().stream().filter(reel -> need.from().contains(reel.id()))
                .map(reel -> "“" + reel.name() + "”").toList();
        String material = Character.toUpperCase(need.material().charAt(0)) + need.material().substring(1);
        Measured width = Measured.of(need.width(), format);
        Measured total = Measured.of(need.total(), format);
        Measured lacks = Measured.of(need.lacks(), format);
        String cuts = lengths(need, format);
        Message said = !need.lacks().isPositive() ? SupplyWords.STRANDS_THERE.of("material", material, "width", width,
                "cuts", cuts, "total", total, "reels", Vocabulary.and(reels))
                : reels.isEmpty() ? SupplyWords.STRANDS_LACK.of("material", material, "width", width, "cuts", cuts,
                        "total", total, "lacks", lacks)
                : SupplyWords.STRANDS_LACK_SOME.of("material", material, "width", width, "cuts", cuts, "total", total,
                        "reels", Vocabulary.and(reels), "lacks", lacks);
        return said.sentence();
    }

    /** How often each length: {@code 12 × 8 in, 12 × 5 1/2 in}. */
    private static String lengths(StrandNeed need, LengthFormat format) {
        Map<Length, Long> counts = need.cuts().stream().collect(
                Collectors.groupingBy(StrandNeed.StrandCut::length, LinkedHashMap::new, Collectors.counting()));
        return counts.entrySet().stream().map(entry -> entry.getValue() + " × " + format.text(entry.getKey()))
                .collect(Collectors.joining(", "));
    }

    static List<Message> said(JobPlan plan) {
        LayoutPlan layout = plan.layout();
        if (!layout.unplaced().isEmpty()) {
            return List.of(SupplyWords.FIT_ON_NO_SHEET.of("pieces", layout.unplaced().size()));
        }
        int offcuts = layout.sheets().size() - layout.newSheets();
        List<Message> said = new ArrayList<>();
        if (plan.bought() > 0) {
            said.add((plan.bought() <= layout.bound() ? SupplyWords.BUY_LEAST : SupplyWords.BUY_OPEN).of("sheets",
                    LayoutMessages.counted(plan.bought(), 0), "least", Math.min(plan.bought(), layout.bound())));
            int owned = layout.newSheets() - plan.bought();
            if (owned + offcuts > 0) {
                said.add(SupplyWords.STASH_GIVES.of("sheets", LayoutMessages.counted(owned, offcuts)));
            }
        } else {
            Message sheets = LayoutMessages.counted(layout.newSheets(), offcuts);
            said.add(layout.newSheets() == 0 ? SupplyWords.ALL_FROM_OFFCUTS.of("sheets", sheets)
                    : (layout.newSheets() <= layout.bound() ? SupplyWords.ALL_FROM_STASH_LEAST
                            : SupplyWords.ALL_FROM_STASH_OPEN).of("sheets", sheets, "least", layout.bound()));
        }
        layout.grain().map(LayoutMessages::grain).ifPresent(said::add);
        return said;
    }
}
