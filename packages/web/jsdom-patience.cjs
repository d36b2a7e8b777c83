// A machine that has much to do draws a screen in seconds: a test that looks for something waits for it.
if (typeof document !== 'undefined') require('@testing-library/react').configure({ asyncUtilTimeout: 20_000 });
