package cufflink.packing;

import cufflink.cut.CutPiece;
import cufflink.job.Job;
import cufflink.job.JobPlan;
import cufflink.job.WhatIf;
import cufflink.plan.Plan;
import cufflink.plan.PlanPapers;
import cufflink.plan.Planner;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Shares the papers of a stash among kits: a paper goes as far as the planner cuts whole kits from it, then those that
 * may take its place follow; what no paper of the stash gives is to be bought. Every answer has been laid out, together
 * with what others need of the same paper.
 */
final class PaperRanges {
    private final JobPlan plan;
    private final int kits;
    /** By paper: what is cut from it already, for whichever paper it stands. */
    private final Map<String, List<CutPiece>> given = new LinkedHashMap<>();

    private PaperRanges(JobPlan plan, int kits) {
        this.plan = plan;
        this.kits = kits;
    }

    static List<PaperRange> of(JobPlan plan, int kits) {
        PaperRanges ranges = new PaperRanges(plan, kits);
        List<PaperRange> all = new ArrayList<>();
        Set<String> papers = new LinkedHashSet<>();
        plan.plans()
                .forEach(one -> PlanPapers.of(one).values().forEach(stock -> papers.add(PlanPapers.material(stock))));
        Map<String, Integer> reached = new LinkedHashMap<>();
        // First every paper for itself, so that none takes what another needs.
        papers.forEach(paper -> reached.put(paper, ranges.take(paper, paper, 0, all)));
        papers.forEach(paper -> ranges.others(paper, reached.get(paper), all));
        return all;
    }

    private void others(String paper, int reached, List<PaperRange> all) {
        int next = reached;
        for (String other : plan.job().alternatives().getOrDefault(paper, List.of())) {
            next = next < kits ? take(paper, other, next, all) : next;
        }
        if (next < kits) {
            all.add(new PaperRange(paper, next + 1, kits, paper, false));
        }
    }

    /** How many kits have their paper after this one was given to those that have none yet. */
    private int take(String own, String uses, int reached, List<PaperRange> all) {
        int most = WhatIf.most(kits - reached, more -> fits(own, uses, more));
        if (most > 0) {
            given.computeIfAbsent(uses, none -> new ArrayList<>()).addAll(pieces(own, uses, most));
            all.add(new PaperRange(own, reached + 1, reached + most, uses, true));
        }
        return reached + most;
    }

    private boolean fits(String own, String uses, int more) {
        List<CutPiece> all = new ArrayList<>(given.getOrDefault(uses, List.of()));
        all.addAll(pieces(own, uses, more));
        return WhatIf.fits(all, uses, plan.stash(), plan.job().tools());
    }

    /** What so many kits take of a paper, cut from another or itself; every piece with an id of its own. */
    private List<CutPiece> pieces(String own, String uses, int count) {
        Job job = plan.job();
        List<CutPiece> pieces = new ArrayList<>();
        for (int i = 0; i < job.kits().size(); i++) {
            Plan one = plan.plans().get(i);
            int copies = job.kits().get(i).copies() / kits * count;
            for (CutPiece piece : Planner.cutPieces(one, copies, own + " " + i + " ")) {
                if (piece.materials().contains(own)) {
                    pieces.add(piece.withMaterials(List.of(uses)));
                }
            }
        }
        return pieces;
    }
}
