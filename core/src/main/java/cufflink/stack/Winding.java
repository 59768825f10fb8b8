package cufflink.stack;

import cufflink.measure.Length;

/**
 * What a sheet needs to go round a stack of thickness T, and what it loses by it. The layers of a closed card are found
 * at no thickness at all; these lengths are what thickness adds.
 */
public final class Winding {
    private Winding() {
    }

    /**
     * The square way, between two scores: the sheet's middle goes up one side of the stack with half its caliper to
     * spare at either end, T + t.
     */
    public static Length spine(Length thickness, Length caliper) {
        return thickness.plus(caliper);
    }

    /**
     * Round a single score: the sheet's middle runs in a half circle of radius (T + t)/2, which takes π·(T + t)/2 of
     * it, half from each leaf; without a stack in it the fold takes π·t/2 all the same. So each leaf ends π·T/4 short
     * of what lies in it. Of sheets folded into one another each further one has two calipers more in it: its edge lies
     * π/2 of a caliper further back (push-out, creep).
     */
    public static Length creep(Length thickness) {
        return Length.nearestToMillimetres(Math.PI * thickness.toMillimetres() / 4);
    }
}
