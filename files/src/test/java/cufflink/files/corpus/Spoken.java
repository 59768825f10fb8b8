package cufflink.files.corpus;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import java.util.List;

/** Lengths as they are said aloud. */
final class Spoken {
    private static final List<String> WORDS = List.of("no", "one", "two", "three", "four", "five", "six", "seven",
            "eight", "nine", "ten", "eleven", "twelve", "thirteen", "fourteen", "fifteen", "sixteen", "seventeen",
            "eighteen", "nineteen", "twenty");

    private Spoken() {
    }

    static String whole(int number) {
        return number < WORDS.size() ? WORDS.get(number) : String.valueOf(number);
    }

    /** Three and a quarter, eleven and seven eighths; millimetres as figures. */
    static String of(Length length, LengthUnit unit) {
        if (unit == LengthUnit.MILLIMETRE) {
            String plain = String.valueOf(length.toMillimetres());
            return plain.endsWith(".0") ? plain.substring(0, plain.length() - 2) : plain;
        }
        long sixteenths = length.nanometres() / Length.ofInches(1, 16).nanometres();
        int whole = (int) (sixteenths / 16);
        int rest = (int) (sixteenths % 16);
        String fraction = switch (rest) {
            case 0 -> "";
            case 4 -> "a quarter";
            case 8 -> "a half";
            case 12 -> "three quarters";
            default -> rest % 2 == 0 ? part(rest / 2, "eighth") : part(rest, "sixteenth");
        };
        return rest == 0 ? whole(whole) : whole == 0 ? fraction : whole(whole) + " and " + fraction;
    }

    private static String part(int count, String name) {
        return count == 1 ? "an " + name : whole(count) + " " + name + "s";
    }
}
