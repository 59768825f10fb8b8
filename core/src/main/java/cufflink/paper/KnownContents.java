package cufflink.paper;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * Things that makers put into pockets, by name; the source stands with each. Sizes of banknotes are those that their
 * banks publish, noted from memory; their thickness is that of the dollar, 0.0043 in, for all.
 */
final class KnownContents {
    /** Of a banknote. */
    private static final Length NOTE_THICKNESS = Length.ofMicrometres(109);

    /** All of them, in the order in which they are offered. */
    static final List<Contents> ALL = List.copyOf(all());

    private KnownContents() {
    }

    private static List<Contents> all() {
        List<Contents> all = new ArrayList<>(List.of(Contents.GIFT_CARD, Contents.PHOTOGRAPH));
        // Common practice.
        all.add(millimetres("photograph 10 x 15 cm", 150, 100, 250));
        // Common practice, as measured; the picture is smaller.
        all.add(millimetres("instant print", 88, 107, 400));
        all.add(millimetres("small instant print", 54, 86, 400));
        all.add(Contents.NOTE);
        // Common practice: filled, thicker in the middle.
        all.add(new Contents("seed packet", Length.ofInches(13, 4), Length.ofInches(9, 2),
                Length.ofMicrometres(1500)));
        // European Central Bank, Europa series.
        banknote(all, "5 euro note", 120, 62);
        banknote(all, "10 euro note", 127, 67);
        banknote(all, "20 euro note", 133, 72);
        banknote(all, "50 euro note", 140, 77);
        banknote(all, "100 euro note", 147, 77);
        banknote(all, "200 euro note", 153, 77);
        // United States Bureau of Engraving and Printing: 6.14 × 2.61 in, whatever it is worth.
        banknote(all, "dollar note", Length.ofMicrometres(155_956), Length.ofMicrometres(66_294));
        // Bank of England, polymer.
        banknote(all, "5 pound note", 125, 65);
        banknote(all, "10 pound note", 132, 69);
        banknote(all, "20 pound note", 139, 73);
        banknote(all, "50 pound note", 146, 77);
        return all;
    }

    private static Contents millimetres(String name, int width, int height, int micrometres) {
        return new Contents(name, Length.ofMillimetres(width), Length.ofMillimetres(height),
                Length.ofMicrometres(micrometres));
    }

    private static void banknote(List<Contents> all, String name, int width, int height) {
        banknote(all, name, Length.ofMillimetres(width), Length.ofMillimetres(height));
    }

    /** Folded across its longer side, in half and in thirds. */
    private static void banknote(List<Contents> all, String name, Length width, Length height) {
        all.add(folded(name + " in half", width, height, 2));
        all.add(folded(name + " in thirds", width, height, 3));
    }

    private static Contents folded(String name, Length width, Length height, int layers) {
        Length side = Length.ofMicrometres(-Math.floorDiv(-width.nanometres(), layers * 1000L));
        return new Contents(name, side, height, NOTE_THICKNESS.times(layers));
    }
}
