package cufflink.desktop.view;

import cufflink.directions.Directions;
import cufflink.directions.Edit;
import cufflink.directions.Span;
import cufflink.directions.finding.Finding;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import org.fxmisc.flowless.VirtualizedScrollPane;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.fxmisc.richtext.model.StyleSpans;
import org.fxmisc.richtext.model.StyleSpansBuilder;
import org.fxmisc.richtext.util.UndoUtils;

/** The text of directions, its phrases underlined by kind; beside each line stand the letters of its kinds. */
final class DirectionsEditor extends StackPane {
    private static final String FINDING = "phrase-finding";
    private static final String LIT = "phrase-lit";
    /** Bits of what a character is: one for each mark, then these. */
    private static final int IN_FINDING = 1 << PhraseMark.values().length;
    private static final int IS_LIT = IN_FINDING << 1;

    private final StyleClassedTextArea area = new StyleClassedTextArea(false);
    private Optional<Directions> directions = Optional.empty();
    private List<Finding> findings = List.of();
    private Optional<Span> lit = Optional.empty();
    private List<Set<PhraseMark>> lines = List.of();
    private boolean marking;

    DirectionsEditor(Runnable typed, IntConsumer pointed) {
        area.setId("directions-text");
        area.getStyleClass().add("directions-text");
        area.setWrapText(true);
        area.setUndoManager(UndoUtils.plainTextUndoManager(area));
        area.setParagraphGraphicFactory(this::letters);
        area.setAccessibleText("Directions, as they were typed");
        area.textProperty().addListener((property, was, is) -> typed.run());
        area.caretPositionProperty().addListener((property, was, is) -> {
            if (!marking) {
                pointed.accept(is);
            }
        });
        getChildren().add(new VirtualizedScrollPane<>(area));
        getStyleClass().add("directions-editor");
    }

    String text() {
        return area.getText();
    }

    /** Another text, that can be undone. */
    void setText(String text) {
        area.replaceText(text);
        area.moveTo(0);
        area.requestFollowCaret();
    }

    /** The text that is there from the first, with nothing to undo. */
    void begin(String text) {
        area.replaceText(text);
        area.getUndoManager().forgetHistory();
        area.moveTo(0);
    }

    void write(Edit edit) {
        area.replaceText(edit.place().from(), edit.place().to(), edit.text());
        area.requestFocus();
    }

    void undo() {
        area.undo();
        area.requestFocus();
    }

    void redo() {
        area.redo();
        area.requestFocus();
    }

    void focus() {
        area.requestFocus();
    }

    /** Shows what was understood. */
    void show(Directions read, List<Finding> found) {
        directions = Optional.of(read);
        findings = List.copyOf(found);
        lit = lit.filter(span -> span.to() <= read.text().length());
        mark();
        List<Set<PhraseMark>> marks = lineMarks(read);
        if (!marks.equals(lines)) {
            lines = marks;
            area.setParagraphGraphicFactory(this::letters);
        }
    }

    /** Nothing is understood of what is there. */
    void showNothing() {
        directions = Optional.empty();
        findings = List.of();
        lines = List.of();
        lit = Optional.empty();
        area.clearStyle(0, area.getLength());
        area.setParagraphGraphicFactory(this::letters);
    }

    /** Marks a place, and shows it. */
    void light(Optional<Span> span, boolean follow) {
        lit = span;
        mark();
        if (follow) {
            span.filter(place -> place.from() <= area.getLength()).ifPresent(place -> {
                marking = true;
                area.moveTo(place.from());
                area.requestFollowCaret();
                marking = false;
            });
        }
    }

    private void mark() {
        String text = area.getText();
        if (directions.isPresent() && directions.get().text().equals(text) && !text.isEmpty()) {
            area.setStyleSpans(0, styles(text.length()));
        }
    }

    private StyleSpans<Collection<String>> styles(int length) {
        int[] bits = new int[length];
        Directions read = directions.orElseThrow();
        read.phrases().forEach(
                phrase -> PhraseMark.of(phrase.kind())
                        .ifPresent(mark -> set(bits, phrase.span(), 1 << mark.ordinal())));
        read.notUnderstood().forEach(span -> {
            for (int i = span.from(); i < Math.min(length, span.to()); i++) {
                bits[i] = 1 << PhraseMark.LOST.ordinal();
            }
        });
        findings.forEach(finding -> finding.places().forEach(span -> set(bits, span, IN_FINDING)));
        lit.ifPresent(span -> set(bits, span, IS_LIT));
        StyleSpansBuilder<Collection<String>> builder = new StyleSpansBuilder<>();
        int from = 0;
        for (int i = 1; i <= length; i++) {
            if (i == length || bits[i] != bits[from]) {
                builder.add(classes(bits[from]), i - from);
                from = i;
            }
        }
        return builder.create();
    }

    private static void set(int[] bits, Span span, int bit) {
        for (int i = span.from(); i < Math.min(bits.length, span.to()); i++) {
            bits[i] |= bit;
        }
    }

    private static Collection<String> classes(int bits) {
        List<String> classes = new ArrayList<>();
        Arrays.stream(PhraseMark.values()).filter(mark -> (bits & 1 << mark.ordinal()) != 0).limit(1)
                .forEach(mark -> classes.add(mark.style()));
        if ((bits & IN_FINDING) != 0) {
            classes.add(FINDING);
        }
        if ((bits & IS_LIT) != 0) {
            classes.add(LIT);
        }
        return classes;
    }

    private static List<Set<PhraseMark>> lineMarks(Directions read) {
        int[] starts = lineStarts(read.text());
        List<Set<PhraseMark>> marks = new ArrayList<>();
        for (int i = 0; i < starts.length; i++) {
            marks.add(EnumSet.noneOf(PhraseMark.class));
        }
        read.phrases().forEach(phrase -> PhraseMark.of(phrase.kind())
                .ifPresent(mark -> marks.get(line(starts, phrase.span())).add(mark)));
        read.notUnderstood().forEach(span -> marks.get(line(starts, span)).add(PhraseMark.LOST));
        return marks;
    }

    private static int[] lineStarts(String text) {
        List<Integer> starts = new ArrayList<>(List.of(0));
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) == '\n') {
                starts.add(i + 1);
            }
        }
        return starts.stream().mapToInt(Integer::intValue).toArray();
    }

    private static int line(int[] starts, Span span) {
        int found = Arrays.binarySearch(starts, span.from());
        return found >= 0 ? found : -found - 2;
    }

    private Label letters(int line) {
        StringBuilder letters = new StringBuilder();
        if (line < lines.size()) {
            lines.get(line).forEach(mark -> letters.append(mark.letter()));
        }
        Label label = new Label(letters.toString());
        label.getStyleClass().add("phrase-letters");
        return label;
    }
}
