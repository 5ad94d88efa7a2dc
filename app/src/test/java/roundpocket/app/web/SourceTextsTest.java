package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.AnnotationTree;
import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;

/** Every sentence that stands in the sources of the core and of the application, those that no other test comes by too. */
public class SourceTextsTest {
    /** A sentence of several words; what is for programs has signs of its own. */
    private static final Pattern SENTENCE = Pattern.compile("[A-Z…][^=<>;_/\\\\]*[a-z]{2} [^=<>;_/\\\\]*");

    @Test
    public void noSentenceHasWhatWordsRulesOut() throws IOException {
        List<String> sentences = new ArrayList<>();
        for (CompilationUnitTree file : sources(Path.of("..", "core"), Path.of("..", "app"))) {
            new Sentences(sentences).scan(file, null);
        }
        assertThat(sentences).hasSizeGreaterThan(800);
        assertThat(sentences.stream()
                        .map(each -> each.replaceAll("\\{\\w+}", "…"))
                        .flatMap(each -> PlainWords.amiss(each).stream())
                        .distinct())
                .isEmpty();
    }

    private static Iterable<? extends CompilationUnitTree> sources(Path... modules) throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null);
        List<Path> all = new ArrayList<>();
        for (Path module : modules) {
            try (Stream<Path> walk = Files.walk(module.resolve("src/main/java"))) {
                walk.filter(path -> path.toString().endsWith(".java")).forEach(all::add);
            }
        }
        return ((JavacTask) compiler.getTask(null, files, null, null, null, files.getJavaFileObjectsFromPaths(all)))
                .parse();
    }

    /** Collects what is put together with a plus as one sentence, with a sign for what is no text. */
    private static final class Sentences extends TreeScanner<Void, Void> {
        private final List<String> found;

        Sentences(List<String> found) {
            this.found = found;
        }

        @Override
        public Void visitBinary(BinaryTree tree, Void nothing) {
            if (tree.getKind() != Tree.Kind.PLUS) {
                return super.visitBinary(tree, nothing);
            }
            add(text(tree));
            return null;
        }

        @Override
        public Void visitLiteral(LiteralTree tree, Void nothing) {
            add(text(tree));
            return null;
        }

        /** An annotation speaks to programs. */
        @Override
        public Void visitAnnotation(AnnotationTree tree, Void nothing) {
            return null;
        }

        private static String text(Tree tree) {
            if (tree instanceof BinaryTree sum && tree.getKind() == Tree.Kind.PLUS) {
                return text(sum.getLeftOperand()) + text(sum.getRightOperand());
            }
            return tree instanceof LiteralTree literal && literal.getValue() instanceof String words ? words : "…";
        }

        private void add(String text) {
            if (SENTENCE.matcher(text).matches()) {
                found.add(text);
            }
        }
    }
}
