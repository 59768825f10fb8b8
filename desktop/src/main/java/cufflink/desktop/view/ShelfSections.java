package cufflink.desktop.view;

import cufflink.design.DesignDefinition;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.work.ShelfWork.OnShelf;
import cufflink.desktop.work.ShelfWork.Shelf;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The designs on the shelf, by what they are for; those alone that a word typed is found in. */
final class ShelfSections extends VBox {
    /** By the word of a design file, in the order of the shelf; a maker's own groups follow. */
    private static final Map<String, String> TITLES = titles();

    private final Function<OnShelf, Node> card;
    private Shelf shelf = new Shelf(List.of(), List.of(), 0, false);
    private List<Node> refused = List.of();
    private String search = "";

    /** @param card draws a design */
    ShelfSections(Function<OnShelf, Node> card) {
        this.card = card;
        getStyleClass().add("shelf-sections");
    }

    private static Map<String, String> titles() {
        Map<String, String> titles = new LinkedHashMap<>();
        titles.put("card base", "Cards");
        titles.put("gift card holder", "Gift card holders");
        titles.put("pocket", "Pockets");
        titles.put("folio", "Folios");
        titles.put("set", "Sets");
        titles.put("finishing", "Finishing");
        return titles;
    }

    /** Shows what stands on the shelf, and what cannot. */
    void show(Shelf next, List<Node> cannotBeMade) {
        shelf = next;
        refused = cannotBeMade;
        fill();
    }

    /** Shows the designs alone in which every word is found. */
    void search(String text) {
        search = text;
        fill();
    }

    /** The designs that are shown. */
    List<OnShelf> found() {
        List<String> words = List.of(search.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        return shelf.found().stream().filter(item -> words.stream().allMatch(said(item.design())::contains)).toList();
    }

    /** All that is said of a design on the shelf. */
    private static String said(DesignDefinition design) {
        DesignDefinition.Head head = design.head();
        return Stream.concat(Stream.of(design.title(), head.about(), title(head.group()), head.difficulty()),
                head.uses().stream()).reduce("", (all, next) -> all + " " + next).toLowerCase(Locale.ROOT);
    }

    private static String title(String group) {
        return TITLES.getOrDefault(group, group.substring(0, 1).toUpperCase(Locale.ROOT) + group.substring(1));
    }

    private void fill() {
        List<OnShelf> found = found();
        List<Node> sections = new ArrayList<>();
        Stream.concat(TITLES.keySet().stream(), found.stream().map(item -> item.design().head().group())).distinct()
                .forEach(group -> section(title(group), found.stream()
                        .filter(item -> item.design().head().group().equals(group)).map(card).toList(), sections));
        section("Cannot be made", refused, sections);
        if (shelf.complete() && found.isEmpty()) {
            sections.add(0, new Fractions(shelf.found().isEmpty()
                    ? "No design does all of this from these sheets. Untick something, or size a design to your sheet "
                            + "on its bench."
                    : "Nothing here is called “" + search.strip() + "”. Type less, or another word.", "empty"));
        }
        getChildren().setAll(sections);
    }

    private static void section(String title, List<Node> cards, List<Node> sections) {
        if (!cards.isEmpty()) {
            Label heading = new Label(title);
            heading.getStyleClass().add("shelf-section");
            FlowPane flow = new FlowPane();
            flow.getStyleClass().add("shelf-cards");
            flow.getChildren().setAll(cards);
            sections.add(heading);
            sections.add(flow);
        }
    }
}
