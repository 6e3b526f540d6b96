package app.frenum.server.screen;

import app.frenum.server.account.AccountView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Who is signed in at the screen that asks.
 *
 * @param needsOwner whether nobody governs yet, and whoever sits at this machine may say who does
 * @param screen which it is; null while nobody is signed in
 * @param people signed in here, whoever came last at the end
 * @param ready made-up people of the demo, who come in by one press
 * @param shortestPassword of which fewer characters are refused
 */
record SessionView(
        boolean needsOwner,
        @Nullable UUID screen,
        @Nullable String screenName,
        List<AccountView> people,
        List<AccountView> ready,
        int shortestPassword) {}
