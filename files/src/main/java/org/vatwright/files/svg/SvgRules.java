package org.vatwright.files.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/**
 * The rules of a drawing's style elements: type, class and id selectors, also several in one and one within another.
 * Anything else in a style sheet is passed over.
 */
final class SvgRules {

    private static final int MOST_RULES = 5000;

    /** @param steps from the outermost to the element itself */
    private record Rule(List<String> steps, int weight, Map<String, String> values) {}

    private final List<Rule> rules = new ArrayList<>();

    /** @return the rules of every style element of a drawing */
    static SvgRules within(Element root) {
        SvgRules rules = new SvgRules();
        NodeList styles = root.getElementsByTagName("style");
        for (int i = 0; i < styles.getLength(); i++) {
            rules.add(styles.item(i).getTextContent());
        }
        return rules;
    }

    /** Reads the text of one style element. */
    void add(String css) {
        String plain = css.replaceAll("(?s)/\\*.*?\\*/", "").replace("<!--", "").replace("-->", "");
        int at = 0;
        while (at < plain.length() && rules.size() < MOST_RULES) {
            int open = plain.indexOf('{', at);
            int close = open < 0 ? -1 : plain.indexOf('}', open);
            if (close < 0) {
                return;
            }
            String selectors = plain.substring(at, open).strip();
            // Rules with conditions, such as those for print, hold rules of their own: none of these is taken.
            if (selectors.startsWith("@")) {
                int inner = plain.indexOf('{', open + 1);
                at = inner >= 0 && inner < close ? plain.indexOf('}', close + 1) + 1 : close + 1;
                if (at <= 0) {
                    return;
                }
                continue;
            }
            Map<String, String> values = declarations(plain.substring(open + 1, close));
            for (String selector : selectors.split(",")) {
                List<String> steps = List.of(selector.strip().split("\\s+"));
                if (steps.stream().allMatch(s -> s.matches("[\\w*.#-]+"))) {
                    rules.add(new Rule(steps, weight(selector), values));
                }
            }
            at = close + 1;
        }
    }

    static Map<String, String> declarations(String text) {
        Map<String, String> values = new LinkedHashMap<>();
        for (String rule : text.split(";")) {
            int colon = rule.indexOf(':');
            if (colon > 0) {
                values.put(rule.substring(0, colon).strip(),
                        rule.substring(colon + 1).replace("!important", "").strip());
            }
        }
        return values;
    }

    private static int weight(String selector) {
        int ids = selector.length() - selector.replace("#", "").length();
        int classes = selector.length() - selector.replace(".", "").length();
        return 100 * ids + 10 * classes + (selector.matches("(?s).*(^|\\s)[A-Za-z].*") ? 1 : 0);
    }

    /** @return what the rules say of an element, the weightiest last */
    Map<String, String> of(Element element) {
        Map<String, String> values = new LinkedHashMap<>();
        rules.stream().filter(r -> matches(r, element)).sorted(Comparator.comparingInt(Rule::weight))
                .forEach(r -> values.putAll(r.values()));
        return values;
    }

    private static boolean matches(Rule rule, Element element) {
        int step = rule.steps().size() - 1;
        if (!matches(rule.steps().get(step), element)) {
            return false;
        }
        step--;
        for (Node up = element.getParentNode(); step >= 0 && up instanceof Element e; up = up.getParentNode()) {
            if (matches(rule.steps().get(step), e)) {
                step--;
            }
        }
        return step < 0;
    }

    private static boolean matches(String step, Element element) {
        List<String> classes = List.of(element.getAttribute("class").strip().split("\\s+"));
        String type = step.replaceFirst("[.#].*", "");
        if (!type.isEmpty() && !type.equals("*") && !type.equals(SafeXml.localName(element))) {
            return false;
        }
        String rest = step.substring(type.length());
        while (!rest.isEmpty()) {
            int end = 1;
            while (end < rest.length() && rest.charAt(end) != '.' && rest.charAt(end) != '#') {
                end++;
            }
            String name = rest.substring(1, end);
            boolean fits = rest.charAt(0) == '.' ? classes.contains(name) : element.getAttribute("id").equals(name);
            if (!fits) {
                return false;
            }
            rest = rest.substring(end);
        }
        return true;
    }
}
