package cufflink.mat;

import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The paper roles of layers: {@code mat 1} for the first layer on a panel, {@code mat 2} for the one on it. Every other
 * role is a piece's material.
 */
public final class MatRole {
    private static final Pattern ROLE = Pattern.compile("mat ([1-9]\\d{0,2})");

    private MatRole() {
    }

    /** The role of a layer, 1 or more. */
    public static String of(int layer) {
        return "mat " + layer;
    }

    /** The layer that a role is for; empty for a material, even one called "mat board". */
    public static OptionalInt layer(String role) {
        Matcher match = ROLE.matcher(role);
        return match.matches() ? OptionalInt.of(Integer.parseInt(match.group(1))) : OptionalInt.empty();
    }
}
