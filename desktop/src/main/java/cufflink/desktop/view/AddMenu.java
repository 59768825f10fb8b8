package cufflink.desktop.view;

import cufflink.design.PartPlace;
import cufflink.desktop.work.Workspace;
import cufflink.plan.PartOffers;
import cufflink.plan.Plan;
import cufflink.plan.StepPiece;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** The menu of the bench: to which of the places that are before the maker a part or an ornament is to be added. */
final class AddMenu {
    private final Workspace work;
    private final Consumer<PartPlace> adding;
    private final Consumer<PartPlace.OnPanel> adorning;
    private ContextMenu shown = new ContextMenu();

    /**
     * @param adding   is told the place to which a part is to be added
     * @param adorning is told the face on which an ornament is to be laid
     */
    AddMenu(Workspace work, Consumer<PartPlace> adding, Consumer<PartPlace.OnPanel> adorning) {
        this.work = work;
        this.adding = adding;
        this.adorning = adorning;
    }

    /** Shows the places of the piece on the bench, its pockets, and around the whole. */
    void show(Node over, double x, double y) {
        shown.hide();
        shown = new ContextMenu();
        Plan plan = work.plan();
        for (PartPlace place : places(plan)) {
            MenuItem item = new MenuItem("Add a part " + PartOffers.words(plan, place));
            item.setOnAction(chosen -> adding.accept(place));
            shown.getItems().add(item);
        }
        shown.getItems().add(new SeparatorMenuItem());
        for (PartPlace place : places(plan)) {
            if (place instanceof PartPlace.OnPanel on) {
                MenuItem item = new MenuItem("Lay an ornament " + PartOffers.words(plan, place));
                item.setOnAction(chosen -> adorning.accept(on));
                shown.getItems().add(item);
            }
        }
        shown.show(over, x, y);
    }

    private List<PartPlace> places(Plan plan) {
        Optional<String> piece = work.currentStep().subject().accept(new StepPiece())
                .filter(plan.pieces()::containsKey);
        String here = piece.orElse(plan.design().main().id());
        return PartOffers.places(plan).stream().filter(place -> !(place instanceof PartPlace.OnPanel on)
                || on.panel().piece().equals(here)).toList();
    }
}
