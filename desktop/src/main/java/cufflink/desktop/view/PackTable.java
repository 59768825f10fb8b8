package cufflink.desktop.view;

import cufflink.desktop.control.Listening;
import cufflink.desktop.work.JobWork;
import cufflink.drawing.CardDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.StashDrawing;
import cufflink.measure.LengthFormat;
import cufflink.packing.PackItem;
import cufflink.packing.Packing;
import cufflink.packing.PackingSteps;
import cufflink.paper.SheetSize;
import cufflink.plan.PlanPapers;
import cufflink.paper.Stock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** The packing of kits in table view: what goes into which kit, and what must be left then. */
public final class PackTable implements TableSource {
    private final JobWork work;
    private final PackingSteps steps;
    private final LengthFormat format;

    public PackTable(JobWork work, PackingSteps steps, LengthFormat format) {
        this.work = work;
        this.steps = steps;
        this.format = format;
    }

    private Packing packing() {
        return steps.packing();
    }

    private int at() {
        return Math.min(work.job().packing().orElseThrow().at(), steps.size() - 1);
    }

    private boolean isDone() {
        return work.job().packing().orElseThrow().at() >= steps.size();
    }

    private PackingSteps.Step now() {
        return steps.step(at());
    }

    private String kit(int kit) {
        return "Kit " + kit + (packing().name(kit).isEmpty() ? "" : ", " + packing().name(kit));
    }

    @Override
    public String head() {
        return isDone() ? "✓ All kits are packed"
                : now().item().map(item -> item.station().title() + ": " + item.text(format))
                        .orElseGet(() -> kit(now().kit()));
    }

    @Override
    public String count() {
        return "kit " + now().kit() + " of " + packing().wishes().kits()
                + now().item().map(item -> ", item " + (packing().items().indexOf(item) + 1) + " of "
                        + packing().items().size()).orElse("");
    }

    @Override
    public String text() {
        return now().item().map(item -> item.perKit() + " into " + kit(now().kit()).toLowerCase(Locale.ROOT)
                + packing().paper(item, now().kit()).map(paper -> ", of " + paper).orElse("") + ".")
                .orElseGet(() -> packing().items().stream()
                        .map(item -> item.perKit() + " × " + item.text(format) + packing().paper(item, now().kit())
                                .filter(paper -> !packing().ranges(item).isEmpty()).map(paper -> ", " + paper)
                                .orElse("")
                                + " (" + steps.left(item, at() + 1) + " left)")
                        .collect(Collectors.joining("; ")));
    }

    @Override
    public String then() {
        if (at() + 1 >= steps.size()) {
            return "the last";
        }
        PackingSteps.Step next = steps.step(at() + 1);
        return "then: " + next.item().filter(item -> !Optional.of(item).equals(now().item()))
                .map(item -> item.text(format)).orElseGet(() -> kit(next.kit()));
    }

    @Override
    public List<Number> numbers() {
        List<Number> numbers = new ArrayList<>(List.of(new Number("kit", String.valueOf(now().kit()), false)));
        now().item().ifPresent(item -> numbers
                .add(new Number("left after it", String.valueOf(steps.left(item, at() + 1)), false)));
        return numbers;
    }

    @Override
    public Picture picture(double point) {
        Optional<PackItem> item = now().item();
        Optional<SheetSize> size = item.flatMap(PackItem::size);
        if (size.isPresent()) {
            String colour = papers().stream().filter(stock -> packing().paper(item.get(), now().kit())
                    .filter(stock.name()::equals).isPresent()).map(Stock::face).findFirst().orElse("#FFFFFF");
            return StashDrawing.draw(StashDrawing.plain(item.get().label(), size.get(), colour), size.get(), format,
                    point);
        }
        return CardDrawing.draw(packing().plan().plans().get(0), point)
                .orElseGet(() -> StashDrawing.draw(StashDrawing.plain("", new SheetSize(
                        packing().plan().plans().get(0).project().card().width(),
                        packing().plan().plans().get(0).project().card().height()), "#FFFFFF"),
                        new SheetSize(packing().plan().plans().get(0).project().card().width(),
                                packing().plan().plans().get(0).project().card().height()),
                        format, point));
    }

    private List<Stock> papers() {
        List<Stock> papers = new ArrayList<>();
        packing().plan().plans().forEach(plan -> papers.addAll(PlanPapers.of(plan).values()));
        packing().plan().stash().papers().forEach(paper -> papers.add(paper.stock()));
        return papers;
    }

    @Override
    public void onChange(Listening listening, Runnable listener) {
        listening.to(work.jobProperty(), change -> listener.run());
    }
}
