package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.Workspace;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;
import cufflink.paper.NamedSize.Kind;
import cufflink.paper.PublishedSizes;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.IntSupplier;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;

/** What the project is fitted to: the four ways in, and what each needs to know. */
final class FitPane extends VBox {
    private enum Way {
        FINISHED("Finished size"), ENVELOPE("Envelope"), SHEET("My sheet"), CONTENTS("What it holds");

        private final String title;

        Way(String title) {
            this.title = title;
        }
    }

    private static final int LIMIT_LINES = 6;
    private static final double LINE = 1.5;

    private final Workspace work;
    private final VBox details = new VBox();
    private final ToggleGroup group = new ToggleGroup();
    private final List<Consumer<Plan>> refreshers = new ArrayList<>();
    private final Fractions limit = new Fractions("", "limit");
    private final StackPane limitBox = new StackPane(limit);
    private Way built;
    private boolean showing;

    FitPane(Workspace work, Listening listening) {
        this.work = work;
        getStyleClass().add("fit-pane");
        GridPane ways = new GridPane();
        ways.getStyleClass().add("ways");
        for (Way way : Way.values()) {
            ToggleButton button = new ToggleButton(way.title);
            button.setId("fit-" + way.name().toLowerCase(Locale.ROOT));
            button.setUserData(way);
            button.setToggleGroup(group);
            button.getStyleClass().addAll("way", "way-" + way.ordinal());
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(press -> choose(way));
            GridPane.setHgrow(button, Priority.ALWAYS);
            ways.add(button, way.ordinal() % 2, way.ordinal() / 2);
        }
        getChildren().addAll(Rows.heading("Fit it to"), ways, details);
        details.getStyleClass().add("fit-details");
        // Room for the longest, so that the rows below stay where they are while the numbers in it change.
        limitBox.setMinHeight(LIMIT_LINES * Font.getDefault().getSize() * LINE);
        limitBox.setAlignment(Pos.TOP_LEFT);
        listening.to(work.planProperty(), is -> show(is));
        show(work.plan());
    }

    private static Way way(Wish wish) {
        if (wish instanceof Wish.InEnvelope) {
            return Way.ENVELOPE;
        } else if (wish instanceof Wish.FromSheet) {
            return Way.SHEET;
        }
        return wish instanceof Wish.Holding ? Way.CONTENTS : Way.FINISHED;
    }

    private void choose(Way way) {
        work.change(project -> project.withWish(switch (way) {
            case FINISHED -> new Wish.AsDesigned();
            case ENVELOPE -> new Wish.InEnvelope(project.envelope().orElse(usualEnvelope()),
                    Wish.InEnvelope.usualEase(project.unit()));
            case SHEET -> {
                var paper = project.card();
                yield new Wish.FromSheet(sheetName(paper.width(), paper.height()), paper.width(), paper.height(),
                        Math.max(1, project.copies()), new SheetUse.Whole());
            }
            case CONTENTS -> new Wish.Holding(Contents.GIFT_CARD);
        })).thenAccept(taken -> {
            if (!taken) {
                show(work.plan());
            }
        });
    }

    private NamedSize usualEnvelope() {
        return PublishedSizes.named(Kind.ENVELOPE, work.project().unit() == LengthUnit.INCH ? "A2" : "C6")
                .orElseThrow();
    }

    private String sheetName(Length width, Length height) {
        return PublishedSizes.of(Kind.SHEET).stream()
                .filter(size -> size.width().equals(width) && size.height().equals(height)).findFirst()
                .map(NamedSize::name).orElse(work.plan().format().size(width, height));
    }

    private void show(Plan plan) {
        showing = true;
        Way way = way(plan.project().wish());
        group.getToggles().stream().filter(toggle -> toggle.getUserData() == way).forEach(group::selectToggle);
        if (way != built) {
            built = way;
            build(way);
        }
        refreshers.forEach(refresher -> refresher.accept(plan));
        limit.setText((plan.fit().limit() + " " + plan.fit().lift()).strip());
        showing = false;
    }

    /**
     * The rows of a way. They stay while the way does: a list that is open, and the keyboard in it, survive the change
     * that they make.
     */
    private void build(Way way) {
        refreshers.clear();
        details.getChildren().clear();
        switch (way) {
            case FINISHED -> {
                // The two finished measures are rows among the measures.
            }
            case ENVELOPE -> {
                details.getChildren().add(Rows.row("Envelope", sizes(Kind.ENVELOPE, () -> envelope().envelope().name(),
                        size -> new Wish.InEnvelope(size, envelope().ease()))));
                Stepper ease = new Stepper("Ease",
                        by -> setWish(() -> new Wish.InEnvelope(envelope().envelope(),
                                Length.longer(Length.ZERO,
                                        envelope().ease().plus(work.project().step().length().times(by))))),
                        text -> length(text, length -> new Wish.InEnvelope(envelope().envelope(), length)));
                refreshers.add(plan -> ease.setValue(plan.format().number(envelope().ease()),
                        plan.format().text(envelope().ease())));
                details.getChildren().add(Rows.row("Ease", ease));
            }
            case SHEET -> {
                details.getChildren()
                        .add(Rows.row("Sheet",
                                sizes(Kind.SHEET, () -> sheet().name(), size -> new Wish.FromSheet(size.name(),
                                        size.width(), size.height(), sheet().sheets(), sheet().use()))));
                details.getChildren().add(Rows.row("Use it", uses()));
                Stepper count = new Stepper("Sheets",
                        by -> setWish(() -> fromSheets(Math.max(1, sheet().sheets() + by))),
                        text -> count(text, this::fromSheets));
                refreshers.add(
                        plan -> count.setValue(String.valueOf(sheet().sheets()), String.valueOf(sheet().sheets())));
                Stepper cards = new Stepper("Cards", by -> setCards(() -> cards() + by), text -> cards(text));
                refreshers.add(plan -> cards.setValue(String.valueOf(cards()), String.valueOf(cards())));
                details.getChildren().addAll(when(Rows.row("How many sheets", count), () -> !isCards()),
                        when(Rows.row("Cards from one sheet", cards), this::isCards));
            }
            case CONTENTS -> details.getChildren().add(Rows.row("It holds", items()));
        }
        if (way != Way.FINISHED) {
            details.getChildren().add(limitBox);
        }
    }

    private Wish.InEnvelope envelope() {
        return (Wish.InEnvelope) work.project().wish();
    }

    private Wish.FromSheet sheet() {
        return (Wish.FromSheet) work.project().wish();
    }

    private Wish fromSheets(int sheets) {
        return new Wish.FromSheet(sheet().name(), sheet().width(), sheet().height(), sheets, sheet().use());
    }

    private boolean isCards() {
        return sheet().use() instanceof SheetUse.Cards;
    }

    private int cards() {
        return sheet().use() instanceof SheetUse.Cards cards ? cards.count() : 1;
    }

    /** So many cards from a sheet, and so many are made. */
    private CompletableFuture<Boolean> setCards(IntSupplier count) {
        return edit(project -> {
            int cards = Math.max(1, Math.min(SheetUse.Cards.MOST, count.getAsInt()));
            return project.withWish(sheetUsed(new SheetUse.Cards(cards))).withCopies(cards);
        });
    }

    private CompletableFuture<Boolean> cards(String text) {
        if (!text.strip().matches("[1-9]\\d?")) {
            return work.refuse("“" + text.strip() + "” is not a whole number from 1 to " + SheetUse.Cards.MOST + ".");
        }
        return setCards(() -> Integer.parseInt(text.strip()));
    }

    private Wish.FromSheet sheetUsed(SheetUse use) {
        return new Wish.FromSheet(sheet().name(), sheet().width(), sheet().height(), sheet().sheets(), use);
    }

    /** What becomes of the sheet. */
    private ComboBox<String> uses() {
        String whole = "whole";
        String shape = "same shape";
        String cards = "several cards";
        ComboBox<String> box = new ComboBox<>();
        box.setId("fit-use");
        box.getItems().addAll(whole, shape, cards);
        refreshers
                .add(plan -> box.setValue(isCards() ? cards : sheet().use() instanceof SheetUse.Shape ? shape : whole));
        box.valueProperty().addListener((property, was, is) -> {
            if (!showing && cards.equals(is)) {
                setCards(() -> Math.max(2, work.project().copies()));
            } else if (!showing) {
                setWish(() -> sheetUsed(shape.equals(is) ? new SheetUse.Shape() : new SheetUse.Whole()));
            }
        });
        return box;
    }

    /** A row that is there only while it says something. */
    private HBox when(HBox row, BooleanSupplier wanted) {
        refreshers.add(plan -> {
            row.setVisible(wanted.getAsBoolean());
            row.setManaged(wanted.getAsBoolean());
        });
        return row;
    }

    private CompletableFuture<Boolean> setWish(Supplier<Wish> wish) {
        return edit(project -> project.withWish(wish.get()));
    }

    /** Changes what these rows show; nothing if another way was chosen before its turn came. */
    private CompletableFuture<Boolean> edit(UnaryOperator<Project> edit) {
        Way asked = way(work.project().wish());
        return work.change(project -> way(project.wish()) == asked ? edit.apply(project) : project);
    }

    private CompletableFuture<Boolean> length(String text, Function<Length, Wish> make) {
        LengthReading<Length> read = LengthParser.read(text, work.project().unit());
        return read.value().map(length -> setWish(() -> make.apply(length)))
                .orElseGet(() -> work.refuse(read.message()));
    }

    private CompletableFuture<Boolean> count(String text, IntFunction<Wish> make) {
        if (!text.strip().matches("[1-9]\\d{0,2}")) {
            return work.refuse("“" + text.strip() + "” is not a whole number from 1 to 999.");
        }
        return setWish(() -> make.apply(Integer.parseInt(text.strip())));
    }

    private ComboBox<String> sizes(Kind kind, Supplier<String> chosen, Function<NamedSize, Wish> make) {
        ComboBox<String> box = new ComboBox<>();
        box.setId("fit-size");
        PublishedSizes.of(kind).forEach(size -> box.getItems().add(size.name()));
        refreshers.add(plan -> box.setValue(chosen.get()));
        box.valueProperty().addListener((property, was, is) -> {
            if (!showing) {
                PublishedSizes.named(kind, is)
                        .ifPresent(size -> setWish(() -> make.apply(size)));
            }
        });
        return box;
    }

    private ComboBox<String> items() {
        ComboBox<String> box = new ComboBox<>();
        box.setId("fit-item");
        box.setEditable(true);
        Contents.known().forEach(item -> box.getItems().add(item.name()));
        refreshers.add(plan -> box.setValue(((Wish.Holding) plan.project().wish()).item().name()));
        box.valueProperty().addListener((property, was, is) -> {
            if (!showing && is != null) {
                LengthReading<Contents> read = Contents.read(is, work.project().unit());
                read.value().ifPresentOrElse(item -> setWish(() -> new Wish.Holding(item)),
                        () -> work.say(read.message()));
            }
        });
        return box;
    }
}
