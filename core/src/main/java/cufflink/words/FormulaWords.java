package cufflink.words;

/** Why a formula cannot be read or worked out: phrases that another sentence takes in. */
public enum FormulaWords implements Code {
    TOO_LONG("an expression may have {most} characters at most"),
    NOT_UNDERSTOOD("“{text}” was not understood"),
    NOT_EXPECTED("“{text}” was not expected here"),
    EXPECTED("“{text}” was expected here"),
    TOO_DEEP("the expression is nested too deeply"),
    VALUE_EXPECTED("a measure, a number or a length was expected here"),
    TAKES_VALUES("{function} takes {count} value"),
    NO_FUNCTION("there is no function “{function}”"),
    NOUGHT_BELOW("a fraction cannot have 0 below the line"),
    UNKNOWN("“{name}” is not known here; known are {known}"),
    COMPARISON_EXPECTED("a comparison was expected here"),
    QUANTITY_EXPECTED("a number or a length was expected here, not {kind}"),
    STANDS_BETWEEN("“{sign}” stands between {one} and {other}"),
    DIVIDES_BY_NOUGHT("this divides by 0"),
    CANNOT_MULTIPLY("{one} cannot be multiplied by {other}"),
    CANNOT_DIVIDE("{one} cannot be divided by {other}"),
    TOO_LARGE("the value grows too large here"),
    COMPARES("{function} compares {one} with {other}"),
    TAKES_A_NUMBER("{function} takes a number; divide by a length first"),
    TAKES_PLAIN_NUMBER("{function} takes a number"),
    ROOT_OF("sqrt takes an area or a number that is not negative"),
    TAKES_AN_ANGLE("{function} takes an angle such as 45 deg"),
    NO_TANGENT("tan has no value at 90 deg"),
    NO_ANGLE("there is no angle with this {function}"),
    MUST_BE("this must be {wanted}, not {found}"),
    REPEATS_TOO_OFTEN("a repeat may run {most} times at most, not {count}"),
    COUNTS_TOO_FAR("a repeat cannot count so far"),
    NO_FOLD("fold must be valley, mountain or decorative, not “{word}”"),
    SPINE_BELOW_NOTHING("a spine cannot be {width} wide"),
    NO_CHOICE("“{measure}” must be {choices}"),
    NO_WAY_ROUND("around must be short way or long way, not “{word}”"),
    LIMIT_OF_OTHER_KIND("the limit must be {kind} like the measure"),
    NOT_A_QUANTITY("“{measure}” must be a number or a length, not {found}"),
    OTHER_KIND("“{measure}” must be {wanted}, not {found}"),
    NOT_WHOLE("“{measure}” must be a whole number");

    private final Sentences sentences;

    FormulaWords(String... said) {
        this.sentences = Sentences.of(said);
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}
