package cufflink.job;

import cufflink.design.Soft;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.stack.SoftWay;
import cufflink.stash.Stash;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Ribbon or string of one width that a job needs.
 *
 * @param cuts  every length, the longest first
 * @param lacks what no reel of the stash gives
 */
public record StrandNeed(String material, Length width, List<Length> cuts, Length lacks) {
    public StrandNeed {
        cuts = List.copyOf(cuts);
    }

    private record Kind(String material, Length width) {
    }

    /** Of all kits; each cut is taken from the shortest reel of its width that has it, the longest cut first. */
    static List<StrandNeed> of(Job job, List<Plan> plans, Stash stash) {
        Map<Kind, List<Length>> cuts = new LinkedHashMap<>();
        for (int i = 0; i < plans.size(); i++) {
            for (SoftWay way : plans.get(i).workings().soft()) {
                Soft.Strand strand = way.soft().strand();
                for (int copy = 0; copy < job.kits().get(i).copies(); copy++) {
                    cuts.computeIfAbsent(new Kind(strand.material(), strand.width()), kind -> new ArrayList<>())
                            .add(way.length());
                }
            }
        }
        List<StrandNeed> needs = new ArrayList<>();
        cuts.forEach((kind, lengths) -> {
            lengths.sort(Comparator.reverseOrder());
            needs.add(new StrandNeed(kind.material(), kind.width(), lengths, lacks(kind, lengths, stash)));
        });
        return needs;
    }

    private static Length lacks(Kind kind, List<Length> cuts, Stash stash) {
        List<Length> reels = new ArrayList<>();
        stash.ribbons().stream().filter(reel -> reel.width().equals(kind.width()) && (kind.material().equals("ribbon")
                || reel.name().toLowerCase(Locale.ROOT).contains(kind.material())))
                .forEach(reel -> reels.add(reel.left()));
        Length lacks = Length.ZERO;
        for (Length cut : cuts) {
            int reel = -1;
            for (int i = 0; i < reels.size(); i++) {
                boolean gives = !cut.isLongerThan(reels.get(i));
                reel = gives && (reel < 0 || reels.get(reel).isLongerThan(reels.get(i))) ? i : reel;
            }
            if (reel < 0) {
                lacks = lacks.plus(cut);
            } else {
                reels.set(reel, reels.get(reel).minus(cut));
            }
        }
        return lacks;
    }

    public Length total() {
        return cuts.stream().reduce(Length.ZERO, Length::plus);
    }
}
