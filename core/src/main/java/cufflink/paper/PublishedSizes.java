package cufflink.paper;

import cufflink.measure.Length;
import cufflink.paper.NamedSize.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Sheet, card and envelope sizes as published or as the trade uses them; the source stands with each. */
public final class PublishedSizes {
    private static final String ISO_216 = "ISO 216";
    private static final String ISO_269 = "ISO 269";
    private static final String ASME = "ASME Y14.1";
    private static final String TRADE = "trade size, from memory";
    private static final String PRACTICE = "common practice";

    private static final List<NamedSize> ALL = all();

    private PublishedSizes() {
    }

    /** All sizes of one kind, in the order in which they are offered. */
    public static List<NamedSize> of(Kind kind) {
        return ALL.stream().filter(size -> size.kind() == kind).toList();
    }

    /** The size of that kind with this name or alias; case and spaces do not matter. */
    public static Optional<NamedSize> named(Kind kind, String name) {
        String wanted = key(name);
        return of(kind).stream()
                .filter(size -> key(size.name()).equals(wanted)
                        || size.aliases().stream().anyMatch(alias -> key(alias).equals(wanted)))
                .findFirst();
    }

    /** The names of one kind, for messages. */
    public static List<String> names(Kind kind) {
        return of(kind).stream().map(NamedSize::name).toList();
    }

    private static String key(String name) {
        return name.replaceAll("[\\s-]", "").toLowerCase(Locale.ROOT);
    }

    private static List<NamedSize> all() {
        List<NamedSize> sizes = new ArrayList<>();
        sizes.add(millimetres(Kind.SHEET, "A4", 210, 297, ISO_216));
        sizes.add(sixteenths(Kind.SHEET, "Letter", 136, 176, ASME, "A size", "us letter", "8.5x11"));
        sizes.add(
                sixteenths(Kind.SHEET, "12 in square", 192, 192, PRACTICE, "12x12", "12in", "12 inch square", "12 in"));
        sizes.add(millimetres(Kind.SHEET, "A3", 297, 420, ISO_216));
        sizes.add(millimetres(Kind.SHEET, "A5", 148, 210, ISO_216));
        sizes.add(millimetres(Kind.SHEET, "A6", 105, 148, ISO_216));
        sizes.add(millimetres(Kind.SHEET, "A7", 74, 105, ISO_216));
        sizes.add(millimetres(Kind.SHEET, "B5", 176, 250, ISO_216));
        sizes.add(sixteenths(Kind.SHEET, "Tabloid", 176, 272, ASME, "11x17", "B size"));
        sizes.add(sixteenths(Kind.SHEET, "8 in square", 128, 128, PRACTICE, "8x8", "8in", "8 in"));
        sizes.add(sixteenths(Kind.SHEET, "6 in square", 96, 96, PRACTICE, "6x6", "6in", "6 in"));

        sizes.add(sixteenths(Kind.CARD, "A2 card", 68, 88, TRADE, "A2"));
        sizes.add(sixteenths(Kind.CARD, "A6 card", 72, 100, TRADE, "US A6"));
        sizes.add(sixteenths(Kind.CARD, "A7 card", 80, 112, TRADE, "US A7"));
        sizes.add(millimetres(Kind.CARD, "A6", 105, 148, ISO_216, "ISO A6"));
        sizes.add(millimetres(Kind.CARD, "A5", 148, 210, ISO_216, "ISO A5"));
        sizes.add(millimetres(Kind.CARD, "A7", 74, 105, ISO_216, "ISO A7"));
        sizes.add(millimetres(Kind.CARD, "Square 135", 135, 135, PRACTICE, "square"));

        sizes.add(sixteenths(Kind.ENVELOPE, "A2", 70, 92, TRADE, "A2 envelope"));
        sizes.add(sixteenths(Kind.ENVELOPE, "A6", 76, 104, TRADE, "A6 envelope"));
        sizes.add(sixteenths(Kind.ENVELOPE, "A7", 84, 116, TRADE, "A7 envelope"));
        sizes.add(sixteenths(Kind.ENVELOPE, "A8", 88, 130, TRADE, "A8 envelope"));
        sizes.add(sixteenths(Kind.ENVELOPE, "A9", 92, 140, TRADE, "A9 envelope"));
        sizes.add(sixteenths(Kind.ENVELOPE, "No. 10", 66, 152, TRADE, "10", "no 10", "number 10", "#10"));
        sizes.add(millimetres(Kind.ENVELOPE, "C6", 114, 162, ISO_269));
        sizes.add(millimetres(Kind.ENVELOPE, "DL", 110, 220, ISO_269));
        sizes.add(millimetres(Kind.ENVELOPE, "C5", 162, 229, ISO_269));
        sizes.add(millimetres(Kind.ENVELOPE, "C4", 229, 324, ISO_269));
        return List.copyOf(sizes);
    }

    private static NamedSize millimetres(Kind kind, String name, int width, int height, String source,
            String... aliases) {
        return new NamedSize(kind, name, Length.ofMillimetres(width), Length.ofMillimetres(height), List.of(aliases),
                source);
    }

    private static NamedSize sixteenths(Kind kind, String name, int width, int height, String source,
            String... aliases) {
        return new NamedSize(kind, name, Length.ofInches(width, 16), Length.ofInches(height, 16), List.of(aliases),
                source);
    }
}
