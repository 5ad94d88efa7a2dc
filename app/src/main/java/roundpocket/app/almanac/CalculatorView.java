package roundpocket.app.almanac;

import java.util.List;
import roundpocket.core.almanac.Calculator;
import roundpocket.core.almanac.Calculator.Answer;
import roundpocket.core.almanac.Calculator.Question;

/**
 * A small calculator.
 *
 * @param id which one it is
 * @param title what it answers
 * @param questions what it asks
 * @param answers what it answers to the usual numbers
 */
public record CalculatorView(Calculator id, String title, List<Question> questions, List<Answer> answers) {
    static CalculatorView of(Calculator calculator) {
        List<Question> questions = calculator.questions();
        return new CalculatorView(
                calculator,
                calculator.title(),
                questions,
                calculator.answers(questions.stream().map(Question::usual).toList()));
    }
}
