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
            .compile("\\{(\\w+)(\\.remedy|\\.all)?(?:([:?])([^|{}]*)\\|([^{}]*))?}");

    private static final Map<Code, Set<String>> PLACES = new ConcurrentHashMap<>();

    private final Message message;

    Template(Message message) {
        this.message = message;
    }

    /** The arguments that a code's sentences have places for. */
    static Set<String> places(Code code) {
        return PLACES.computeIfAbsent(code, known -> PLACE.matcher(known.sentence() + known.remedy()).results()
                .map(found -> found.group(1)).collect(Collectors.toUnmodifiableSet()));
    }

    String text(String sentence) {
        return PLACE.matcher(sentence).replaceAll(found -> Matcher.quoteReplacement(place(found)));
    }

    private String place(MatchResult found) {
        Object argument = message.argument(found.group(1));
        if (found.group(2) != null) {
            return found.group(2).equals(".all") ? Vocabulary.all((List<?>) argument) : ((Message) argument).remedy();
        } else if (found.group(3) == null) {
            return shown(argument);
        }
        String word = count(argument) == 1 ? found.group(4) : found.group(5);
        return found.group(3).equals(":") ? count(argument) + " " + word : word;
    }

    private static String shown(Object argument) {
        return argument instanceof List<?> list ? Vocabulary.few(list) : String.valueOf(argument);
    }

    private static long count(Object argument) {
        return argument instanceof List<?> list ? list.size() : ((Number) argument).longValue();
    }
}
