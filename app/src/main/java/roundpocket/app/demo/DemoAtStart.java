package roundpocket.app.demo;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Has the demo filled in where it is wanted, before the first request is taken, so that nobody sees the basket half full.
 * It is asked for here, not by a condition: which parts there are is settled when the program is built.
 */
@Component
class DemoAtStart implements SmartInitializingSingleton {
    private final boolean wanted;
    private final ObjectProvider<RingersDemo> ringers;

    DemoAtStart(@Value("${pocket.demo:false}") boolean wanted, ObjectProvider<RingersDemo> ringers) {
        this.wanted = wanted;
        this.ringers = ringers;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (wanted) {
            ringers.getObject().fill();
        }
    }
}
