package cufflink.packing;

import cufflink.design.Fixing;
import cufflink.design.Ornament;
import cufflink.design.SizedDesign;
import cufflink.job.Job;
import cufflink.job.JobPlan;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.plan.CutPart;
import cufflink.plan.Plan;
import cufflink.plan.PlanPapers;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.SoftWay;
import cufflink.stash.StashPaper;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.PackingWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A job packed as kits.
 *
 * @param plan   of the job
 * @param wishes how it is packed
 * @param items  what goes into each kit, station by station
 * @param ranges which kits get which paper
 */
public record Packing(JobPlan plan, PackWishes wishes, List<PackItem> items, List<PaperRange> ranges) {
    public Packing {
        items = List.copyOf(items);
        ranges = List.copyOf(ranges);
    }

    /** The packing of a planned job, or why it cannot be shared among so many. */
    public static Outcome<Packing> of(JobPlan plan, PackWishes wishes) {
        Job job = plan.job();
        List<Problem> problems = new ArrayList<>();
        if (wishes.kits() < 1) {
            problems.add(Problem.error("", PackingWords.NO_KITS.of()));
        }
        if (!wishes.names().isEmpty() && wishes.names().size() != wishes.kits()) {
            problems.add(Problem.error("",
                    PackingWords.NAMES_AND_KITS.of("names", wishes.names().size(), "kits", wishes.kits())));
        }
        job.kits().stream().filter(kit -> wishes.kits() > 0 && kit.copies() % wishes.kits() != 0)
                .forEach(kit -> problems.add(Problem.error(kit.project().name(), PackingWords.NOT_SHARED
                        .of("copies", kit.copies(), "project", kit.project().name(), "kits", wishes.kits()))));
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        List<PackItem> items = new ArrayList<>();
        for (int i = 0; i < job.kits().size(); i++) {
            new Items(plan.plans().get(i), job.kits().get(i).copies() / wishes.kits(), job.mark(i), wishes)
                    .addTo(items);
        }
        items.sort((one, other) -> one.station().compareTo(other.station()));
        return Outcome.of(new Packing(plan, wishes, items, PaperRanges.of(plan, wishes.kits())));
    }

    /** The paper that a kit gets for an item; empty for what is of none. */
    public Optional<String> paper(PackItem item, int kit) {
        return ranges.stream().filter(range -> range.own().equals(item.paper()) && range.has(kit))
                .map(PaperRange::uses).map(this::called).findFirst();
    }

    /** The papers that are not the project's own, or not in the stash: a sentence for each stretch of kits. */
    public List<Message> substitutions() {
        return ranges.stream().filter(range -> !range.isOwn() || !range.inStash()).map(range -> {
            Message kits = range.from() == range.to() ? PackingWords.ONE_KIT.of("kit", range.from())
                    : PackingWords.SOME_KITS.of("from", range.from(), "to", range.to());
            return range.inStash()
                    ? PackingWords.OTHER_PAPER.of("kits", kits, "uses", called(range.uses()), "own",
                            called(range.own()))
                    : PackingWords.TO_BUY.of("kits", kits, "uses", called(range.uses()));
        }).toList();
    }

    /** A paper as the maker calls it. */
    public String called(String material) {
        return Stream.concat(plan.plans().stream().flatMap(one -> PlanPapers.of(one).values().stream()),
                plan.stash().papers().stream().map(StashPaper::stock))
                .filter(stock -> PlanPapers.material(stock).equals(material)).map(Stock::name).findFirst()
                .orElse(material);
    }

    /** The plans of what one participant makes of a kit, in the order of the job. */
    public List<Plan> ofOneKit() {
        List<Plan> plans = new ArrayList<>();
        for (int i = 0; i < plan.plans().size(); i++) {
            Project project = plan.plans().get(i).project()
                    .withCopies(plan.job().kits().get(i).copies() / wishes.kits());
            plans.add(Planner.plan(project).orThrow());
        }
        return plans;
    }

    /** For whom a kit is; empty if nobody is named. */
    public String name(int kit) {
        return wishes.names().isEmpty() ? "" : wishes.names().get(kit - 1);
    }

    /** The ranges of an item's paper where it is not one for all kits. */
    public List<PaperRange> ranges(PackItem item) {
        List<PaperRange> its = ranges.stream().filter(range -> range.own().equals(item.paper())).toList();
        return its.size() > 1 || its.stream().anyMatch(range -> !range.isOwn()) ? its : List.of();
    }

    /** What of one project goes into a kit. */
    private static final class Items {
        private final Plan plan;
        private final int copies;
        private final String mark;
        private final PackWishes wishes;
        private final Map<PackItem, Integer> counts = new LinkedHashMap<>();

        Items(Plan plan, int copies, String mark, PackWishes wishes) {
            this.plan = plan;
            this.copies = copies;
            this.mark = mark.isEmpty() ? "" : mark + " ";
            this.wishes = wishes;
        }

        void addTo(List<PackItem> all) {
            Project project = plan.project();
            plan.design().pieces().stream().filter(piece -> piece.from().isEmpty()).forEach(this::piece);
            for (MatLayer mat : plan.mats()) {
                CutPart.of(project, plan.design(), mat).forEach(part -> paper(Station.LAYERS, part,
                        PlanPapers.material(project.paper(PaperRole.layer(mat.layer())))));
            }
            for (SoftWay way : plan.workings().soft()) {
                add(Station.RIBBON, way.soft().label(), Optional.empty(), Optional.of(way.length()), "");
            }
            for (Fixing fixing : plan.design().fixings()) {
                add(Station.FIXINGS, fixing.label(), Optional.empty(), Optional.empty(), "");
            }
            for (Ornament ornament : plan.design().ornaments()) {
                add(Station.ORNAMENTS, ornament.label(),
                        Optional.of(new SheetSize(ornament.form().width(), ornament.form().height())),
                        Optional.empty(), "");
            }
            project.envelope().map(NamedSize::name)
                    .ifPresent(
                            name -> add(Station.ENVELOPES, "Envelope " + name, Optional.empty(), Optional.empty(), ""));
            if (wishes.directions()) {
                counts.put(item(Station.DIRECTIONS, "Hand-out of " + project.name(), Optional.empty(),
                        Optional.empty(), ""), 1);
            }
            counts.forEach((item, count) -> all.add(new PackItem(mark + item.station() + " " + (all.size() + 1),
                    item.project(), item.station(), item.label(), count, item.size(), item.length(), item.paper())));
        }

        private void piece(SizedDesign.Piece piece) {
            CutPart.of(plan.project(), piece).forEach(part -> paper(Station.PIECES, part,
                    PlanPapers.material(plan.project().paper(piece.material()))));
        }

        private void paper(Station station, CutPart part, String paper) {
            add(station, part.label(), Optional.of(new SheetSize(part.width(), part.height())), Optional.empty(),
                    paper);
        }

        /** What is alike but for a number is one. */
        private void add(Station station, String label, Optional<SheetSize> size, Optional<Length> length,
                String paper) {
            counts.merge(item(station, Numbered.without(label), size, length, paper), copies, Integer::sum);
        }

        private PackItem item(Station station, String label, Optional<SheetSize> size, Optional<Length> length,
                String paper) {
            return new PackItem("", plan.project().name(), station, label, 0, size, length, paper);
        }
    }
}
