package cufflink.desktop.view;

import cufflink.design.DesignDefinition;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.work.ShelfCard;
import cufflink.desktop.work.ShelfWork.Shelf;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * The designs on the shelf, by what they are for; those alone that a word typed is found in. They are in the order of
 * their sections, so that those that are seen at once come first.
 */
final class ShelfSections extends VBox {
    /** By the word of a design file, in the order of the shelf; a maker's own groups follow. */
    private static final Map<String, String> TITLES = titles();

    /** So many designs fill a window; the others come when these are painted. */
    private static final int FIRST = 8;

    private final ShelfCards cards;
    private Shelf shelf = Shelf.EMPTY;
    private List<Node> refused = List.of();
    private String search = "";
    private int most = FIRST;
    private final AnimationTimer more = new AnimationTimer() {
        @Override
        public void handle(long now) {
            most += FIRST;
            fill();
        }
    };

    ShelfSections(ShelfCards cards) {
        this.cards = cards;
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
        if (next.complete()) {
            cards.keep(next.found());
        }
        fill();
    }

    /** Lets go of the designs, which another screen may show. */
    void empty() {
        more.stop();
        shelf = Shelf.EMPTY;
        getChildren().stream().filter(FlowPane.class::isInstance).map(FlowPane.class::cast)
                .forEach(flow -> flow.getChildren().clear());
    }

    /** Shows the designs alone in which every word is found. */
    void search(String text) {
        search = text;
        fill();
    }

    /** The designs that are shown. */
    List<ShelfCard> found() {
        List<String> words = List.of(search.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        return shelf.found().stream().filter(item -> words.stream().allMatch(said(item.head())::contains)).toList();
    }

    /** All that is said of a design on the shelf. */
    private static String said(DesignDefinition.Head head) {
        return Stream.concat(Stream.of(head.title(), head.about(), title(head.group()), head.difficulty()),
                head.uses().stream()).reduce("", (all, next) -> all + " " + next).toLowerCase(Locale.ROOT);
    }

    private static String title(String group) {
        return TITLES.getOrDefault(group, group.substring(0, 1).toUpperCase(Locale.ROOT) + group.substring(1));
    }

    /** As many as there is time for before the next picture of the window; the others come with those after it. */
    private void fill() {
        List<ShelfCard> all = found();
        if (all.size() > most) {
            more.start();
        } else {
            more.stop();
        }
        List<ShelfCard> found = all.subList(0, Math.min(most, all.size()));
        List<Node> sections = new ArrayList<>();
        Stream.concat(TITLES.keySet().stream(), found.stream().map(item -> item.head().group())).distinct()
                .forEach(group -> section(title(group), found.stream()
                        .filter(item -> item.head().group().equals(group)).map(cards::of).toList(), sections));
        section("Cannot be made", all.size() > most ? List.of() : refused, sections);
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
