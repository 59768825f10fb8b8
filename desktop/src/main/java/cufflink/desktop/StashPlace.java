package cufflink.desktop;

import cufflink.desktop.view.Places;
import cufflink.desktop.view.PunchDialog;
import cufflink.desktop.view.RibbonDialog;
import cufflink.desktop.view.StashKind;
import cufflink.desktop.view.StashPaperDialog;
import cufflink.desktop.view.StashScreen;
import cufflink.desktop.view.ToolsDialog;
import cufflink.desktop.view.TwoSizesDialog;
import cufflink.design.DesignDefinition;
import cufflink.desktop.work.StashWork;
import cufflink.files.FileTrouble;
import cufflink.files.stash.ShoppingFile;
import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.plan.Project;
import cufflink.stash.Availability;
import cufflink.stash.DieChart;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashLimit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTools;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Dialog;
import javafx.stage.FileChooser;

/** What the stash can be asked to do: its dialogs and files. */
final class StashPlace implements StashScreen.Actions {
    private final Screens screens;
    private final StashWork work;

    StashPlace(Screens screens, StashWork work) {
        this.screens = screens;
        this.work = work;
    }

    private LengthUnit unit() {
        return screens.ruler().unit();
    }

    private boolean isInch() {
        return unit() == LengthUnit.INCH;
    }

    @Override
    public void goTo(Places place) {
        screens.goTo(place);
    }

    @Override
    public void edit(StashItem item) {
        asked(item).ifPresent(after -> {
            if (!after.equals(item)) {
                work.change(StashChange.of("Changed " + after.name(), StashEdit.altered(item, after)));
            }
        });
    }

    @Override
    public void add(StashKind kind) {
        asked(empty(kind)).ifPresent(item -> work.change(StashChange.of("Added " + item.name(),
                item instanceof StashPaper paper ? work.stash().added(paper) : StashEdit.added(item))));
    }

    private Optional<StashItem> asked(StashItem item) {
        return item.accept(new StashItem.Cases<>() {
            @Override
            public Optional<StashItem> paper(StashPaper paper) {
                return ask(new StashPaperDialog(paper, unit(), screens.dialogs().files()::open))
                        .map(StashItem.class::cast);
            }

            @Override
            public Optional<StashItem> ribbon(StashRibbon ribbon) {
                return ask(new RibbonDialog(ribbon, unit())).map(StashItem.class::cast);
            }

            @Override
            public Optional<StashItem> envelope(StashEnvelope envelope) {
                return ask(new TwoSizesDialog(envelope, unit()));
            }

            @Override
            public Optional<StashItem> punch(StashPunch punch) {
                return ask(new PunchDialog(punch, unit(), screens::shapeFromFile));
            }

            @Override
            public Optional<StashItem> tools(StashTools tools) {
                return ask(new ToolsDialog(tools.tools(), unit())).map(StashTools::new);
            }

            @Override
            public Optional<StashItem> reservation(StashReservation reservation) {
                return Optional.of(reservation);
            }

            @Override
            public Optional<StashItem> limit(StashLimit limit) {
                return Optional.of(limit);
            }
        });
    }

    private <R> Optional<R> ask(Dialog<R> dialog) {
        return screens.dialogs().dress(dialog).showAndWait();
    }

    /** An entry with usual values, to be filled in. */
    private StashItem empty(StashKind kind) {
        NamedSize sheet = PublishedSizes.named(NamedSize.Kind.SHEET, isInch() ? "Letter" : "A4").orElseThrow();
        Stock plain = Stock.plain("", sheet, 250);
        Length small = isInch() ? Length.ofInches(2) : Length.ofMillimetres(50);
        return switch (kind) {
            case PAPER, NEEDS, USE_UP -> StashPaper.sheets(plain, 10);
            case OFFCUT -> StashPaper.sheets(plain, 0).offcut(small.times(2), small.times(3), 1);
            case RIBBON -> new StashRibbon(0, "", isInch() ? Length.ofInches(1, 4) : Length.ofMillimetres(6),
                    isInch() ? Length.ofInches(120) : Length.ofMillimetres(3000), "#55666B", "");
            case ENVELOPE ->
                new StashEnvelope(0, "", new SheetSize(small.times(2), small.times(3)), Optional.empty(), 10, "");
            case PUNCH -> StashPunch.of("", Die.of(DieShape.CIRCLE, small, small));
        };
    }

    @Override
    public void editStashTools() {
        BenchTools before = work.stash().tools().orElse(isInch() ? BenchTools.USUAL_INCH : BenchTools.USUAL_METRIC);
        ask(new ToolsDialog(before, unit())).ifPresent(tools -> work.change(StashChange.of("Changed the tools",
                work.stash().tools().isPresent()
                        ? StashEdit.altered(new StashTools(before), new StashTools(tools))
                        : StashEdit.added(new StashTools(tools)))));
    }

    @Override
    public List<DesignDefinition> designs() {
        return screens.designs();
    }

    @Override
    public RulerStep ruler() {
        return screens.ruler();
    }

    @Override
    public void begin(Project project) {
        screens.start(project);
    }

    @Override
    public void shoppingList() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Write the shopping list");
        chooser.getExtensionFilters().addAll(new FileChooser.ExtensionFilter("A page to print", "*.pdf"),
                new FileChooser.ExtensionFilter("Table", "*.csv"), new FileChooser.ExtensionFilter("Text", "*.txt"));
        chooser.setInitialFileName("to-buy.pdf");
        NamedSize page = PublishedSizes.named(NamedSize.Kind.SHEET, isInch() ? "Letter" : "A4").orElseThrow();
        screens.dialogs().files().save(chooser).ifPresent(file -> {
            try {
                ShoppingFile.write(Availability.toBuy(work.stash()), LengthFormat.of(unit()), page, file);
                work.say("What to buy stands in " + file + ".");
            } catch (IOException fault) {
                work.say("The list could not be written: " + FileTrouble.reason(fault) + ".");
            }
        });
    }

    @Override
    public void addPlainShapes() {
        List<StashEdit> edits = DieChart.startingSet(unit()).stream()
                .filter(plain -> work.stash().punches().stream().noneMatch(one -> one.name().equals(plain.name())))
                .map(plain -> (StashItem) plain).map(StashEdit::added).toList();
        if (edits.isEmpty()) {
            work.say("Every plain shape is in the stash already.");
        } else {
            work.change(StashChange.of("Added " + edits.size() + " plain shapes; take out what you have not", edits));
        }
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Tables", "*.csv"));
        return chooser;
    }

    @Override
    public void importStash() {
        screens.dialogs().files().open(chooser("Take a table over into the stash"))
                .ifPresent(chosen -> work.importFrom(chosen, unit()));
    }

    @Override
    public void exportStash() {
        FileChooser chooser = chooser("Write the stash as a table");
        chooser.setInitialFileName("stash.csv");
        screens.dialogs().files().save(chooser).ifPresent(work::exportTo);
    }
}
