package app.frenum.server.screen;

import app.frenum.server.account.AccountView;
import java.util.List;
import java.util.UUID;

/**
 * Who is signed in at a screen, whoever came last at the end.
 *
 * @param screenName what it is called
 */
record SignedIn(UUID screen, String screenName, List<AccountView> people) {}
