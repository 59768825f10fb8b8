package cufflink.packing;

import java.util.List;

/**
 * How a maker wants to pack.
 *
 * @param kits       how many, 1 or more
 * @param scored     whether pieces are scored and punched before they are packed; loose otherwise
 * @param names      for whom each is, in order; none, or as many as kits
 * @param directions whether the hand-out goes into each
 */
public record PackWishes(int kits, boolean scored, List<String> names, boolean directions) {
    public PackWishes {
        names = List.copyOf(names);
    }
}
