package roundpocket.app.files;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** Reads a card as the screen drew it: tables, words and shapes, and nothing that could fetch or run anything. */
final class Drawing {
    private static final Set<String> ELEMENTS = Set.of(
            "article",
            "h2",
            "h3",
            "div",
            "span",
            "i",
            "table",
            "tbody",
            "tr",
            "td",
            "th",
            "svg",
            "g",
            "line",
            "rect",
            "path",
            "polygon",
            "polyline",
            "text");
    private static final Set<String> ATTRIBUTES = Set.of(
            "xmlns",
            "class",
            "style",
            "scope",
            "role",
            "aria-label",
            "data-testid",
            "viewBox",
            "width",
            "height",
            "x",
            "y",
            "x1",
            "x2",
            "y1",
            "y2",
            "d",
            "points",
            "fill",
            "stroke",
            "stroke-width",
            "stroke-dasharray",
            "stroke-linejoin",
            "opacity",
            "text-anchor",
            "font-size",
            "font-weight",
            "transform");

    private static final int MOST_ELEMENTS = 4_000;
    private static final int DEEPEST = 24;
    /** The largest number in a drawing; a card is some hundred wide. */
    private static final double LARGEST = 20_000;
    /** The shortest dash: a line of a card would have thousands of shorter ones. */
    private static final double SHORTEST_DASH = 0.2;

    private static final Set<String> MEASURES = Set.of(
            "x", "y", "x1", "x2", "y1", "y2", "d", "points", "transform", "stroke-width", "font-size", "opacity");
    private static final Set<String> SIZES = Set.of("width", "height", "viewBox");
    private static final Pattern NUMBER =
            Pattern.compile("[-+]?+(?:\\d++(?:\\.\\d*+)?+|\\.\\d++)(?:[eE][-+]?+\\d++)?+");
    private static final Pattern COLOUR = Pattern.compile("rgba?+\\([0-9., %/]*+\\)");

    /** What a line is made of, whose lengths bound how long it is. */
    private static final Set<String> SHAPES =
            Set.of("x", "y", "x1", "x2", "y1", "y2", "d", "points", "width", "height");

    /** The most dashes on a card: some memory is taken for each. */
    private static final double MOST_DASHES = 200_000;

    /** How much longer than the sum of its numbers a line can be: each is in two steps, and an arc goes round its radius. */
    private static final double LONGEST_STEP = 2;

    private static final double LONGEST_ARC = 7;

    /** A keyword that stands for what is around it means nothing to the printer here. */
    private static final Set<String> NO_COLOUR = Set.of("inherit", "initial", "unset", "revert");

    private int elements;
    private double dashes;

    private Drawing() {}

    /** The drawing as a document whose root is its article; refused where anything else is in it. */
    static Document read(String xhtml) {
        try {
            Document document = parser().parse(new InputSource(new StringReader(xhtml)));
            if (!"article".equals(document.getDocumentElement().getLocalName())) {
                throw refusal("This is not the drawing of a card.");
            }
            new Drawing().check(document.getDocumentElement(), 0, 0);
            return document;
        } catch (SAXException | IOException unreadable) {
            throw refusal("This is not a drawing that can be read.");
        }
    }

    private static DocumentBuilder parser() {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            factory.setNamespaceAware(true);
            DocumentBuilder parser = factory.newDocumentBuilder();
            parser.setErrorHandler(null); // what is wrong is said in the answer, not on the console
            return parser;
        } catch (ParserConfigurationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** {@code around} is the shortest dash of what is around it; 0 where nothing is dashed. */
    private void check(Element element, int depth, double around) {
        if (++elements > MOST_ELEMENTS || depth > DEEPEST) {
            throw refusal("There is more in this drawing than on any card.");
        }
        if (!ELEMENTS.contains(element.getLocalName())) {
            throw refusal("There is no “" + element.getLocalName() + "” on a card.");
        }
        double dash = dash(element, around);
        NamedNodeMap attributes = element.getAttributes();
        for (int i = 0; i < attributes.getLength(); i++) {
            Node attribute = attributes.item(i);
            String value = attribute.getNodeValue();
            checkNumbers(attribute.getNodeName(), value);
            // Only what is drawn: an address in a value would make the printer fetch it.
            boolean fetches = value.contains("(") && !attribute.getNodeName().equals("transform") && !plain(value);
            if (!ATTRIBUTES.contains(attribute.getNodeName())
                    || fetches
                    || value.contains("\\")
                    || value.contains("@")) {
                if (!attribute.getNodeName().equals("aria-label")) {
                    throw refusal("There is no “" + attribute.getNodeName() + "” like this on a card.");
                }
            }
        }
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element inner) {
                check(inner, depth + 1, dash);
            } else if (child.getNodeType() != Node.TEXT_NODE) {
                throw refusal("There is more than words and shapes in this drawing.");
            }
        }
    }

    /** The shortest dash of an element's lines. Refuses it where they come to more dashes than a card can have. */
    private double dash(Element element, double around) {
        String own = element.getAttribute("stroke-dasharray");
        double dash = own.isEmpty()
                ? around
                : numbers(own).stream().min(Double::compare).orElse(0.0);
        if (dash > 0) {
            double length = 0;
            for (String name : SHAPES) {
                String value = element.getAttribute(name);
                boolean arcs = name.equals("d") && (value.contains("a") || value.contains("A"));
                double sum = numbers(value).stream().mapToDouble(Math::abs).sum();
                length += sum * (arcs ? LONGEST_ARC : LONGEST_STEP);
            }
            dashes += length / dash;
        }
        if (!(dashes <= MOST_DASHES)) {
            throw refusal("There are more dashes in this drawing than on any card.");
        }
        return dash;
    }

    private static List<Double> numbers(String value) {
        return NUMBER.matcher(value)
                .results()
                .map(found -> Double.valueOf(found.group()))
                .toList();
    }

    /** Numbers that would take the printer for ever, or that it can make nothing of. */
    private static void checkNumbers(String name, String value) {
        boolean dashes = name.equals("stroke-dasharray");
        boolean size = SIZES.contains(name);
        if (name.equals("style") && value.contains("dash")
                || (name.equals("fill") || name.equals("stroke")) && NO_COLOUR.contains(value.strip())) {
            throw refusal("There is no “" + name + "” like this on a card.");
        }
        if (dashes || size || MEASURES.contains(name)) {
            List<Double> numbers = numbers(value);
            boolean tooLarge = numbers.stream().anyMatch(number -> !(Math.abs(number) <= LARGEST));
            boolean tooShort = dashes && numbers.stream().anyMatch(number -> number < SHORTEST_DASH);
            boolean noSize = size
                    && (numbers.isEmpty() && !value.equals("auto")
                            || numbers.stream()
                                    .skip(name.equals("viewBox") ? 2 : 0)
                                    .anyMatch(number -> number <= 0)
                            || name.equals("viewBox") && numbers.size() != 4);
            if (tooLarge || tooShort || noSize) {
                throw refusal("“" + name + "” has a number that is on no card.");
            }
        }
    }

    /** Whether the only brackets in a value are those of a colour. */
    private static boolean plain(String value) {
        return !COLOUR.matcher(value).replaceAll("").contains("(");
    }

    static Refusal refusal(String template) {
        return new Refusal(List.of(new Problem(
                "card.drawing", "", template, "Open the pocket card and take the PDF from there.", Map.of())));
    }
}
