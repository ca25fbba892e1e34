import { configureStore } from '@reduxjs/toolkit';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { Stack } from 'expo-router';
import { PaperProvider } from 'react-native-paper';
import { Provider } from 'react-redux';

const api = createApi({ baseQuery: fetchBaseQuery({ baseUrl: '/' }), endpoints: () => ({}) });
const store = configureStore({ reducer: { api: api.reducer }, middleware: (standard) => standard().concat(api.middleware) });

/** The bare shell of the client's stack: router, Paper, Redux with queries, drawings. Nothing of Kesto is in it. */
export default function Layout() {
  return (
    <Provider store={store}>
      <PaperProvider>
        <Stack />
      </PaperProvider>
    </Provider>
  );
}
