package org.vatwright.files.svg;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
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

    private static final int MOST_RULES = 50_000;
    /** Of those that name neither class nor id and so have to be tried on every element. */
    private static final int MOST_WIDE = 1000;
    private static final Comparator<Rule> WEIGHTIEST_LAST = Comparator.comparingInt(Rule::weight)
            .thenComparingInt(Rule::order);

    /** @param steps from the outermost to the element itself */
    private record Rule(List<Step> steps, int weight, int order, Map<String, String> values) {}

    /** What one element has to be. @param type empty for any @param id empty for any */
    private record Step(String type, String id, List<String> classes) {

        static Step of(String text) {
            String type = text.replaceFirst("[.#].*", "");
            String id = "";
            List<String> classes = new ArrayList<>();
            for (String name : text.substring(type.length()).split("(?=[.#])")) {
                if (name.startsWith(".")) {
                    classes.add(name.substring(1));
                } else if (name.startsWith("#")) {
                    id = name.substring(1);
                }
            }
            return new Step(type.equals("*") ? "" : type, id, List.copyOf(classes));
        }

        /** @return the narrowest that it asks for */
        String key() {
            return !id.isEmpty() ? "#" + id : classes.isEmpty() ? "" : "." + classes.getFirst();
        }

        boolean fits(Element element) {
            return (type.isEmpty() || type.equals(SafeXml.localName(element)))
                    && (id.isEmpty() || id.equals(element.getAttribute("id")))
                    && (classes.isEmpty() || SvgRules.classes(element).containsAll(classes));
        }
    }

    /** By what the element itself has to be at least, so that each is asked of few. */
    private final Map<String, List<Rule>> rules = new HashMap<>();
    private int count;
    /** What was said of the children of the element whose children are asked for: of those that are called alike the same. */
    private final Map<List<String>, Map<String, String>> ofChildren = new HashMap<>();
    private Node parent;

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
        while (at < plain.length() && count < MOST_RULES) {
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
                String[] steps = selector.strip().split("\\s+");
                if (Arrays.stream(steps).allMatch(s -> s.matches("[\\w*.#-]+"))) {
                    add(new Rule(Arrays.stream(steps).map(Step::of).toList(), weight(selector), count++, values));
                }
            }
            at = close + 1;
        }
    }

    private void add(Rule rule) {
        String key = rule.steps().getLast().key();
        List<Rule> alike = rules.computeIfAbsent(key, k -> new ArrayList<>());
        if (!key.isEmpty() || alike.size() < MOST_WIDE) {
            alike.add(rule);
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
        if (element.getParentNode() != parent) {
            parent = element.getParentNode();
            ofChildren.clear();
        }
        return ofChildren.computeIfAbsent(List.of(SafeXml.localName(element), element.getAttribute("id"),
                element.getAttribute("class")), k -> found(element));
    }

    private Map<String, String> found(Element element) {
        List<Rule> found = new ArrayList<>();
        take("", element, found);
        take("#" + element.getAttribute("id"), element, found);
        classes(element).stream().distinct().forEach(c -> take("." + c, element, found));
        found.sort(WEIGHTIEST_LAST);
        Map<String, String> values = new LinkedHashMap<>();
        found.forEach(r -> values.putAll(r.values()));
        return values;
    }

    private void take(String key, Element element, List<Rule> found) {
        rules.getOrDefault(key, List.of()).stream().filter(r -> matches(r, element)).forEach(found::add);
    }

    private static List<String> classes(Element element) {
        String text = element.getAttribute("class").strip();
        return text.isEmpty() ? List.of() : List.of(text.split("\\s+"));
    }

    private static boolean matches(Rule rule, Element element) {
        int step = rule.steps().size() - 1;
        if (!rule.steps().get(step).fits(element)) {
            return false;
        }
        step--;
        for (Node up = element.getParentNode(); step >= 0 && up instanceof Element e; up = up.getParentNode()) {
            if (rule.steps().get(step).fits(e)) {
                step--;
            }
        }
        return step < 0;
    }
}
