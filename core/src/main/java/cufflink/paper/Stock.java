package cufflink.paper;

import cufflink.measure.Length;
import java.util.Objects;
import java.util.Optional;

/**
 * A kind of paper in one sheet size.
 *
 * @param name            the maker's name for it
 * @param width           of a sheet
 * @param height          of a sheet
 * @param weight          of the paper
 * @param measuredCaliper its thickness if the maker has measured it
 * @param face            colour of the face that is used as the outside, {@code #RRGGBB}
 * @param back            colour of the other face, {@code #RRGGBB}
 * @param directional     whether its pattern has an upright direction (along the sheet's height)
 * @param grain           which way the fibres run
 * @param print           what is printed on it
 */
public record Stock(String name, Length width, Length height, Weight weight, Optional<Length> measuredCaliper,
        String face, String back, boolean directional, Grain grain, Print print) {
    /** Which side of the sheet the fibres run along. */
    public enum Grain { ALONG_WIDTH, ALONG_HEIGHT, UNKNOWN }

    public Stock {
        Objects.requireNonNull(grain);
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("width and height must be positive: " + width + ", " + height);
        }
        if (!face.matches("#[0-9A-Fa-f]{6}") || !back.matches("#[0-9A-Fa-f]{6}")) {
            throw new IllegalArgumentException("face and back must be written #RRGGBB: " + face + ", " + back);
        }
    }

    /** Paper on which nothing is printed. */
    public Stock(String name, Length width, Length height, Weight weight, Optional<Length> measuredCaliper, String face,
            String back, boolean directional, Grain grain) {
        this(name, width, height, weight, measuredCaliper, face, back, directional, grain, Print.NOTHING);
    }

    /** Plain white card with no pattern, of unknown grain. */
    public static Stock plain(String name, NamedSize sheet, double gsm) {
        return new Stock(name, sheet.width(), sheet.height(), Weight.gsm(gsm), Optional.empty(), "#FFFFFF", "#FFFFFF",
                false, Grain.UNKNOWN);
    }

    /** The measured caliper, or the one to expect of the weight. */
    public Length caliper() {
        return measuredCaliper.orElseGet(weight::estimatedCaliper);
    }

    public boolean isCaliperMeasured() {
        return measuredCaliper.isPresent();
    }

    /** The same paper, its thickness measured. */
    public Stock withCaliper(Length measured) {
        return new Stock(name, width, height, weight, Optional.of(measured), face, back, directional, grain, print);
    }

    /** The same paper with its faces exchanged. */
    public Stock turnedOver() {
        return new Stock(name, width, height, weight, measuredCaliper, back, face, directional, grain,
                print.turnedOver());
    }

    /** How long something that lies level on a sheet may be, upright patterns minded. */
    public Length longest() {
        return directional ? width : Length.longer(width, height);
    }

    /** The same paper in sheets of another size. */
    public Stock inSheets(Length newWidth, Length newHeight) {
        return new Stock(name, newWidth, newHeight, weight, measuredCaliper, face, back, directional, grain, print);
    }

    /** The same paper with something else printed on it. */
    public Stock withPrint(Print other) {
        return new Stock(name, width, height, weight, measuredCaliper, face, back, directional, grain, other);
    }
}
