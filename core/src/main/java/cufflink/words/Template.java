package cufflink.words;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Sets the arguments of a message into a sentence. */
final class Template {
    private static final Pattern PLACE = Pattern
            .compile("(\\b[Tt]he )?\\{(\\w+)(\\.remedy|\\.all)?(?:([:?])([^|{}]*)\\|([^{}]*))?}");

    private static final Map<Code, Set<String>> PLACES = new ConcurrentHashMap<>();

    private final Message message;

    Template(Message message) {
        this.message = message;
    }

    /** The arguments that a code's sentences have places for. */
    static Set<String> places(Code code) {
        return PLACES.computeIfAbsent(code, known -> PLACE.matcher(known.sentence() + known.remedy()).results()
                .map(found -> found.group(2)).collect(Collectors.toUnmodifiableSet()));
    }

    String text(String sentence) {
        return PLACE.matcher(sentence).replaceAll(found -> Matcher.quoteReplacement(place(found)));
    }

    private String place(MatchResult found) {
        Object argument = message.argument(found.group(2));
        String article = found.group(1) == null ? "" : found.group(1);
        if (found.group(3) != null) {
            return article + (found.group(3).equals(".all") ? Vocabulary.all((List<?>) argument)
                    : ((Message) argument).remedy());
        } else if (found.group(4) == null) {
            return named(article, shown(argument));
        }
        String word = count(argument) == 1 ? found.group(5) : found.group(6);
        return article + (found.group(4).equals(":") ? count(argument) + " " + word : word);
    }

    /** What a number tells apart has no article: {@code the base}, but {@code step 1}. */
    private static String named(String article, String name) {
        if (article.isEmpty() || !Numbered.isCounted(name)) {
            return article + name;
        }
        return Character.isUpperCase(article.charAt(0)) ? Character.toUpperCase(name.charAt(0)) + name.substring(1)
                : name;
    }

    private static String shown(Object argument) {
        return argument instanceof List<?> list ? Vocabulary.few(list) : String.valueOf(argument);
    }

    private static long count(Object argument) {
        return argument instanceof List<?> list ? list.size() : ((Number) argument).longValue();
    }
}
