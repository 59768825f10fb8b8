package cufflink.job;

import cufflink.design.Soft;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.stack.SoftWay;
import cufflink.stash.Stash;
import cufflink.stash.StashRibbon;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalLong;

/**
 * Ribbon or string of one material and width that a job needs.
 *
 * @param cuts the longest first
 */
public record StrandNeed(String material, Length width, List<StrandCut> cuts) {
    /**
     * One length.
     *
     * @param reel the entry of the stash that it is cut from; absent for what must be bought
     */
    public record StrandCut(Length length, OptionalLong reel) {
    }

    public StrandNeed {
        cuts = List.copyOf(cuts);
    }

    /** Of all kits, cut from the reels of the stash. */
    static List<StrandNeed> of(Job job, List<Plan> plans, Stash stash) {
        Map<String, StrandNeed> needs = new LinkedHashMap<>();
        for (int i = 0; i < plans.size(); i++) {
            for (SoftWay way : plans.get(i).workings().soft()) {
                Soft.Strand strand = way.soft().strand();
                StrandNeed more = new StrandNeed(strand.material(), strand.width(), Collections
                        .nCopies(job.kits().get(i).copies(), new StrandCut(way.length(), OptionalLong.empty())));
                needs.merge(more.id(), more, StrandNeed::with);
            }
        }
        return needs.values().stream().map(need -> need.cutFrom(need.reels(stash))).toList();
    }

    private StrandNeed with(StrandNeed more) {
        List<StrandCut> all = new ArrayList<>(cuts);
        all.addAll(more.cuts);
        all.sort(Comparator.comparing(StrandCut::length).reversed());
        return new StrandNeed(material, width, all);
    }

    /** One for each material and width of a job. */
    public String id() {
        return material + " " + ExactText.of(width);
    }

    /** The reels that it can be cut from. */
    public List<StashRibbon> reels(Stash stash) {
        return stash.ribbons().stream().filter(reel -> reel.width().equals(width)
                && (material.equals("ribbon") || reel.name().toLowerCase(Locale.ROOT).contains(material))).toList();
    }

    /**
     * The same, cut from some reels: all of it from the shortest that has it all, so that the cards are alike;
     * otherwise each length from the shortest that has it, the longest length first.
     */
    public StrandNeed cutFrom(List<StashRibbon> reels) {
        List<StashRibbon> whole = reels.stream().filter(reel -> !total().isLongerThan(reel.left()))
                .min(Comparator.comparing(StashRibbon::left)).map(List::of).orElse(reels);
        Map<Long, Length> left = new LinkedHashMap<>();
        whole.forEach(reel -> left.put(reel.id(), reel.left()));
        List<StrandCut> next = new ArrayList<>();
        for (StrandCut cut : cuts) {
            OptionalLong reel = left.entrySet().stream().filter(entry -> !cut.length().isLongerThan(entry.getValue()))
                    .min(Map.Entry.comparingByValue()).map(entry -> OptionalLong.of(entry.getKey()))
                    .orElse(OptionalLong.empty());
            reel.ifPresent(id -> left.computeIfPresent(id, (key, had) -> had.minus(cut.length())));
            next.add(new StrandCut(cut.length(), reel));
        }
        return new StrandNeed(material, width, next);
    }

    public Length total() {
        return cuts.stream().map(StrandCut::length).reduce(Length.ZERO, Length::plus);
    }

    /** What no reel of the stash gives. */
    public Length lacks() {
        return off(OptionalLong.empty());
    }

    /** What is cut from a reel. */
    public Length off(OptionalLong reel) {
        return cuts.stream().filter(cut -> cut.reel().equals(reel)).map(StrandCut::length).reduce(Length.ZERO,
                Length::plus);
    }

    /** The entries of the stash that it is cut from, in the order of the cuts. */
    public List<Long> from() {
        return cuts.stream().flatMap(cut -> cut.reel().stream().boxed()).distinct().toList();
    }
}
