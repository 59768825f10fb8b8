package cufflink.files.handout;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import com.ibm.icu.text.Bidi;

/** Lines in scripts that do not run from left to right one letter after the other. */
final class Scripts {
    private Scripts() {
    }

    /**
     * The signs of a line as they stand on the paper from left to right: Arabic letters joined, Hebrew and Arabic
     * turned round, numbers in them not. A line without such letters is as it was.
     */
    static String visual(String line) {
        char[] signs = line.toCharArray();
        if (!Bidi.requiresBidi(signs, 0, signs.length)) {
            return line;
        }
        try {
            String joined = new ArabicShaping(ArabicShaping.LETTERS_SHAPE).shape(line);
            return new Bidi(joined, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT).writeReordered(Bidi.DO_MIRRORING);
        } catch (ArabicShapingException impossible) {
            throw new IllegalStateException("shaping into the text's own length", impossible);
        }
    }
}
